@php($next = $record->teachNext())
@php($slips = $record->slips())
<x-page :title="$record->group->name" body="learners">
    <x-masthead here="learners"><x-style-link :place="[]" /></x-masthead>
    <main id="work" class="learner-desk" tabindex="0">
        <div class="learner-main">
            <h1 class="learner-title">{{ $record->group->name }}
                <span class="hint">{{ trans_choice('learner.members', count($record->records)) }}</span></h1>
            <x-told />
            <section class="tutor-card is-wide" aria-labelledby="next">
                <h2 id="next">{{ __('learner.teach-next') }}</h2>
                @if ($next === null)
                    <p class="hint">{{ __('learner.teach-none') }}</p>
                @else
                    <p class="teach-what">{{ __($next['wobbles'] ? 'learner.teach-wobbles' : 'learner.teach-new',
                        ['skill' => __("practice.skill.{$next['skill']}"), 'rung' => $next['rung']->number,
                        'learners' => implode(', ', $next['learners'])]) }}</p>
                    <p class="hint">{{ $next['rung']->adds === null ? __('practice.simplest') : '+ '
                        . __('practice.adds.' . $next['rung']->adds->value) }}</p>
                    <p class="tutor-go"><a class="button ask-go" id="teach"
                        href="{{ route('lessons', ['skill' => $next['skill'], 'rung' => $next['rung']->number],
                        false) }}">{{ __('learner.propose') }}</a></p>
                @endif
            </section>
            <section class="tutor-card is-wide" aria-labelledby="needs">
                <h2 id="needs">{{ __('learner.needs') }}</h2>
                <div class="table-scroll" tabindex="0" role="group" aria-labelledby="needs">
                    <table class="tally">
                        <thead><tr><th scope="col">{{ __('learner.learner') }}</th>
                            <th scope="col">{{ __('learner.wobbling') }}</th>
                            <th scope="col">{{ __('learner.due-head') }}</th></tr></thead>
                        <tbody>
                            @foreach ($record->records as $one)
                                <tr><th scope="row"><a class="plain-link"
                                    href="{{ route('learners.show', ['learner' => $one->learner->id],
                                    false) }}">{{ $one->learner->name }}</a></th>
                                    <td>@forelse ($one->wobbling() as $rung)<span
                                        class="need">{{ __("practice.skill.{$rung->skill}") }},
                                        {{ __('sets.rung',
                                        ['number' => $rung->rung->number])
                                        }}</span>@empty{{ $one->lastDay === null ? __('learner.no-work')
                                        : __('learner.nothing-wobbles') }}@endforelse</td>
                                    <td>{{ count($one->due()) }}</td></tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
            </section>
            <section class="tutor-card is-wide" aria-labelledby="common">
                <h2 id="common">{{ __('learner.common') }}</h2>
                @if ($slips === [])
                    <p class="hint">{{ __('learner.no-common') }}</p>
                @else
                    <div class="tally-both">
                        {!! \App\Pile\TallyChart::svg(array_map(fn($slip) =>
                            [$page->plain(\Runel\Message\Message::of("slip.{$slip['slip']->value}.name")),
                            $slip['times']], array_slice($slips, 0, 8)), __('learner.common')) !!}
                        <table class="tally">
                            <thead><tr><th scope="col">{{ __('pile.slip') }}</th>
                                <th scope="col">{{ __('pile.times') }}</th><th scope="col">{{ __('pile.whose') }}</th>
                                </tr></thead>
                            <tbody>@foreach (array_slice($slips, 0, 8) as $slip)<tr>
                                <th scope="row">{{
                                $page->plain(\Runel\Message\Message::of("slip.{$slip['slip']->value}.name")) }}</th>
                                <td>{{ $slip['times'] }}</td><td>{{ implode(', ', $slip['learners']) }}</td>
                                </tr>@endforeach</tbody>
                        </table>
                    </div>
                @endif
            </section>
        </div>
        <aside class="learner-aside">
            <p><a class="button ask-go"
                href="{{ route('handing', ['group' => $record->group->id],
                false) }}">{{ __('learner.hand-group') }}</a></p>
            <form action="{{ route('groups.rename', ['group' => $record->group->id], false) }}" method="post"
                class="tutor-form">
                @csrf
                @method('PUT')
                <label>{{ __('learner.group-name') }} <input class="input" name="name"
                    value="{{ $record->group->name }}"></label>
                <button class="button">{{ __('learner.rename') }}</button>
            </form>
            <form action="{{ route('groups.restyle', ['group' => $record->group->id], false) }}" method="post"
                class="tutor-form">
                @csrf
                @method('PUT')
                <x-give-style :names="$styles" :label="__('learner.restyle-group')" />
                <button class="button" id="give-style">{{ __('learner.style-give') }}</button>
            </form>
            <form action="{{ route('groups.remove', ['group' => $record->group->id], false) }}" method="post"
                class="tutor-form">
                @csrf
                @method('DELETE')
                <p class="hint">{{ __('learner.remove-group-hint') }}</p>
                <button class="button is-danger-plain">{{ __('learner.remove-group') }}</button>
            </form>
        </aside>
    </main>
</x-page>
