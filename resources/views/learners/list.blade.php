<x-page :title="__('learner.title')" body="learners">
    <x-masthead here="learners">
        <x-style-link :place="[]" />
    </x-masthead>
    <main id="work" class="learners-desk" tabindex="0">
        <section class="learners-who" aria-labelledby="who">
            <h1 id="who">{{ __('learner.title') }}</h1>
            <p class="hint">{{ __('learner.lead') }}</p>
            <x-told :refused="$refused" />
            @if ($resting !== [])
                <div class="notice resting" role="note">
                    <p><strong>{{ trans_choice('learner.resting', $months) }}</strong>:
                        {{ __('learner.resting-hint') }}</p>
                    <ul>
                        @foreach ($resting as $learner)
                            <li>{{ $learner->name }}
                                <a class="plain-link"
                                href="{{ route('learners.farewell', ['learner' => $learner->id],
                                false) }}">{{ __('learner.look') }}<span class="unseen">:
                                {{ $learner->name }}</span></a></li>
                        @endforeach
                    </ul>
                </div>
            @endif
            @if ($otherwise !== [])
                <div class="notice resting" role="note">
                    <p><strong>{{ __('learner.otherwise') }}</strong> {{ __('learner.otherwise-hint') }}</p>
                    <ul>
                        @foreach (array_slice($otherwise, 0, \App\Learners\Rejudging::TOLD) as $attempt)
                            <li><a class="plain-link"
                                href="{{ route('learners.show', ['learner' => $attempt->learner_id], false)
                                }}#work-{{ $attempt->id }}">{{ $attempt->learner->name }}</a>:
                                <span class="marked-typed">{{ $attempt->task->problem }}</span></li>
                        @endforeach
                        @if (count($otherwise) > \App\Learners\Rejudging::TOLD)<li>{{ __('learner.otherwise-more')
                            }}</li>@endif
                    </ul>
                    <form action="{{ route('learners.seen', [], false) }}" method="post">@csrf<button
                        class="button is-small" id="otherwise-seen">{{ __('learner.otherwise-seen') }}</button></form>
                </div>
            @endif
            @if ($damaged > 0)
                <p class="notice is-bad" role="note">{{ trans_choice('learner.damaged', $damaged) }}</p>
            @endif
            @if ($records === [])
                <p class="notice">{{ __('learner.none') }}</p>
            @endif
            @php([$days, $skills] = [[], []])
            @php([$noneDue, $noWork] = [__('learner.none-due'), __('learner.no-work')])
            @php($room = route('learners.show', ['learner' => ':id'], false))
            <ul class="learner-cards">
                @foreach ($records as $record)
                    @php($due = $record->due())
                    @php($last = $record->lastDay)
                    @php($days[$last ?? 0] ??= $last === null ? $noWork : __('learner.last',
                        ['day' => \App\Calendar\Day::date($last)->isoFormat('D MMM')]))
                    <li class="learner-card">
                        <a class="learner-name"
                            href="{{ str_replace(':id', $record->learner->id,
                            $room) }}">{{ $record->learner->name }}</a>
                        <span class="hint">{{ implode(', ', array_map(static fn($group) => $group->name,
                            $record->learner->groups->all())) }}</span>
                        <span class="learner-state">@foreach ($due as $back)<span
                            class="learner-due">{{ $skills[$back->key()] ??= __("practice.skill.{$back->skill}") . ', '
                            . __('sets.rung', ['number' => $back->rung->number]) }}</span>@endforeach</span>
                        <span class="learner-state">@if ($due === []){{ $noneDue }}@else<strong>{{
                            trans_choice('learner.due-count', count($due)) }}</strong>@endif ·
                            {{ $days[$last ?? 0] }}@if ($record->damaged > 0) ·
                            {{ trans_choice('learner.damaged-work', $record->damaged) }}@endif</span>
                    </li>
                @endforeach
            </ul>
        </section>
        <aside class="learners-more">
            <p><a class="button" id="hand-out" href="{{ route('handing', [], false) }}">{{ __('handed.title') }}</a>
                <a class="plain-link" href="{{ route('handing.open', [], false) }}">{{ __('handed.open-now') }}</a></p>
            <section aria-labelledby="groups">
                <h2 id="groups" class="margin-label">{{ __('learner.groups') }}</h2>
                <ul>
                    @foreach ($groups as $group)
                        <li><a class="option group-link"
                            href="{{ route('groups.show', ['group' => $group->id], false) }}">{{ $group->name }}
                            <span class="hint">{{ trans_choice('learner.members',
                            $group->learners->count()) }}</span></a></li>
                    @endforeach
                </ul>
            </section>
            <section aria-labelledby="new">
                <h2 id="new" class="margin-label">{{ __('learner.new') }}</h2>
                <form action="{{ route('learners.store', [], false) }}" method="post" class="tutor-form">
                    @csrf
                    <label>{{ __('learner.name') }} <input class="input" name="name" id="name"
                        value="{{ $typed['name'] ?? '' }}" autocomplete="off" required></label>
                    <label>{{ __('learner.group') }} <select class="input" name="group">
                        <option value="">{{ __('learner.no-group') }}</option>
                        @foreach ($groups as $group)
                            <option value="{{ $group->id }}"
                                @selected(($typed['group'] ?? '') === $group->id)>{{ $group->name }}</option>
                        @endforeach
                    </select></label>
                    <button class="button ask-go" id="add-learner">{{ __('learner.add') }}</button>
                </form>
            </section>
            <section aria-labelledby="new-group">
                <h2 id="new-group" class="margin-label">{{ __('learner.new-group') }}</h2>
                <form action="{{ route('groups.store', [], false) }}" method="post" class="tutor-form">
                    @csrf
                    <label>{{ __('learner.group-name') }} <input class="input" name="name" autocomplete="off"
                        required></label>
                    <button class="button" id="add-group">{{ __('learner.add') }}</button>
                </form>
            </section>
        </aside>
    </main>
</x-page>
