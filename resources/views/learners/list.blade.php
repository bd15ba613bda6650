<x-page :title="__('learner.title')" body="learners">
    <x-masthead>
        <x-tutor-rooms here="learners" />
        <x-style-link :place="[]" />
    </x-masthead>
    <main id="work" class="learners-desk" tabindex="0">
        <section class="learners-who" aria-labelledby="who">
            <h1 id="who">{{ __('learner.title') }}</h1>
            <p class="hint">{{ __('learner.lead') }}</p>
            <x-told :refused="$refused" />
            @if ($resting !== [])
                <div class="notice resting" role="note">
                    <p><strong>{{ trans_choice('learner.resting', $months) }}</strong>: {{ __('learner.resting-hint') }}</p>
                    <ul>
                        @foreach ($resting as $learner)
                            <li>{{ $learner->name }} <a class="plain-link" href="{{ route('learners.farewell', ['learner' => $learner->id], false) }}">{{ __('learner.look') }}<span class="unseen">: {{ $learner->name }}</span></a></li>
                        @endforeach
                    </ul>
                </div>
            @endif
            @if ($damaged > 0)
                <p class="notice is-bad" role="note">{{ trans_choice('learner.damaged', $damaged) }}</p>
            @endif
            @if ($records === [])
                <p class="notice">{{ __('learner.none') }}</p>
            @endif
            <ul class="learner-cards">
                @foreach ($records as $record)
                    @php($due = $record->due())
                    <li class="learner-card">
                        <a class="learner-name" href="{{ route('learners.show', ['learner' => $record->learner->id], false) }}">{{ $record->learner->name }}</a>
                        <span class="hint">{{ $record->learner->groups->pluck('name')->implode(', ') }}</span>
                        <span class="learner-state">@foreach ($due as $back)<span class="learner-due">{{ __("practice.skill.{$back->skill->value}") }}, {{ __('sets.rung', ['number' => $back->rung->number]) }}</span>@endforeach</span>
                        <span class="learner-state">@if ($due === []){{ __('learner.none-due') }}@else<strong>{{ trans_choice('learner.due-count', count($due)) }}</strong>@endif · {{ $record->work === [] ? __('learner.no-work') : __('learner.last', ['day' => \App\Learners\Day::date($record->work[0]->day)->isoFormat('D MMM')]) }}@if ($record->damaged > 0) · {{ trans_choice('learner.damaged-work', $record->damaged) }}@endif</span>
                    </li>
                @endforeach
            </ul>
        </section>
        <aside class="learners-more">
            <section aria-labelledby="groups">
                <h2 id="groups" class="margin-label">{{ __('learner.groups') }}</h2>
                <ul>
                    @foreach ($groups as $group)
                        <li><a class="option group-link" href="{{ route('groups.show', ['group' => $group->id], false) }}">{{ $group->name }} <span class="hint">{{ trans_choice('learner.members', $group->learners->count()) }}</span></a></li>
                    @endforeach
                </ul>
            </section>
            <section aria-labelledby="new">
                <h2 id="new" class="margin-label">{{ __('learner.new') }}</h2>
                <form action="{{ route('learners.store', [], false) }}" method="post" class="tutor-form">
                    @csrf
                    <label>{{ __('learner.name') }} <input class="input" name="name" id="name" value="{{ $typed['name'] ?? '' }}" autocomplete="off" required></label>
                    <label>{{ __('learner.group') }} <select class="input" name="group">
                        <option value="">{{ __('learner.no-group') }}</option>
                        @foreach ($groups as $group)
                            <option value="{{ $group->id }}" @selected(($typed['group'] ?? '') === $group->id)>{{ $group->name }}</option>
                        @endforeach
                    </select></label>
                    <button class="button ask-go" id="add-learner">{{ __('learner.add') }}</button>
                </form>
            </section>
            <section aria-labelledby="new-group">
                <h2 id="new-group" class="margin-label">{{ __('learner.new-group') }}</h2>
                <form action="{{ route('groups.store', [], false) }}" method="post" class="tutor-form">
                    @csrf
                    <label>{{ __('learner.group-name') }} <input class="input" name="name" autocomplete="off" required></label>
                    <button class="button" id="add-group">{{ __('learner.add') }}</button>
                </form>
            </section>
        </aside>
    </main>
</x-page>
