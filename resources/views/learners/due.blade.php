@if ($due === [])
    <p class="hint">{{ __('learner.due-none') }}</p>
@else
    <ul class="returns">
        @foreach ($due as $back)
            <li class="return">
                <p><x-rung-name :skill="$back->skill" :rung="$back->rung" /></p>
                <p class="return-why">@if ($back->daysAgo($record->today) === 0){{ __('learner.why-today.'
                    . $back->history->last->value)
                    }}@else{{ trans_choice('learner.why.' . $back->history->last->value,
                    $back->daysAgo($record->today)) }}@endif;
                    {{ trans_choice('learner.overdue', $record->today - $back->history->comesBack->due) }}.</p>
                @include('learners.moving', ['from' => $record->today + 1])
            </li>
        @endforeach
    </ul>
    <p class="tutor-go">
        <a class="button ask-go" id="practice-set"
            href="{{ route('sets', ['pick' => array_map(fn($back) => $back->key() . '.1', $due),
            'seed' => $record->seed(),
            'defaults' => \Runel\Style\HouseStyle::DEFAULTS], false) }}">{{ __('learner.practice-set') }}</a>
        <button class="button" id="practice-link" form="hand-due">{{ __('learner.practice-link') }}</button>
        <a class="button"
            href="{{ route('learners.file', ['learner' => $learner->id, 'extension' => 'ics'],
            false) }}">{{ __('learner.practice-calendar') }}</a>
    </p>
    <form id="hand-due" action="{{ route('handing.hand', [], false) }}" method="post">@csrf<input type="hidden"
        name="learners[]" value="{{ $learner->id }}"><input type="hidden" name="days" value="7"></form>
@endif
<details class="tutor-more"><summary>{{ __('learner.rule') }}</summary>
    <p>{{ __('learner.rule-text', ['daily' => $learner->daily]) }}</p></details>
@if ($record->later() !== [])
    <details class="tutor-more">
        <summary>{{ __('learner.later') }}</summary>
        <ul class="returns">
            @foreach ($record->later() as $back)
                <li class="return">
                    <p><x-rung-name :skill="$back->skill" :rung="$back->rung"
                        />
                        @if ($back->history->comesBack->due <= $record->today){{ __('learner.waits') }}@else{{
                        __('learner.on-day', ['day' =>
                        \App\Calendar\Day::date($back->history->comesBack->due)->isoFormat('ddd D MMM')]) }}@endif</p>
                    @include('learners.moving', ['from' => max($record->today, $back->history->comesBack->due)])
                </li>
            @endforeach
        </ul>
    </details>
@endif
@if ($record->dropped() !== [])
    <details class="tutor-more">
        <summary>{{ __('learner.dropped') }}</summary>
        <ul class="returns">
            @foreach ($record->dropped() as $back)
                <li class="return"><p><x-rung-name :skill="$back->skill" :rung="$back->rung" /></p>
                    <form action="{{ route('learners.move', ['learner' => $learner->id], false) }}"
                        method="post">@csrf<input type="hidden" name="rung" value="{{ $back->key() }}"><input
                        type="hidden" name="due"
                        value="{{ \App\Calendar\Day::date($record->today + 1)->toDateString() }}"><button
                        class="button is-small">{{ __('learner.bring-back') }}</button></form></li>
            @endforeach
        </ul>
    </details>
@endif
