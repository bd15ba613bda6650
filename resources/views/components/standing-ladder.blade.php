@props(['record', 'skill'])
<li class="standing">
    <span class="standing-skill">{{ __("practice.skill.$skill") }}</span>
    <ol class="standing-rungs">
        @foreach (\Runel\Job\Jobs::ladders()->of($skill)->rungs() as $rung)
            @php($how = $record->standing($skill, $rung)->value)
            <li class="standing-rung is-{{ $how }}"
                title="{{ $rung->adds === null ? __('practice.simplest') : '+ '
                . __('practice.adds.' . $rung->adds->value) }}"><span
                class="standing-number">{{ $rung->number }}</span><span class="standing-sign"
                aria-hidden="true">{{ __("learner.sign.$how") }}</span><span
                class="unseen">{{ __("learner.standing.$how") }},
                {{ $rung->adds === null ? __('practice.simplest')
                : __('practice.adds.' . $rung->adds->value) }}</span></li>
        @endforeach
    </ol>
</li>
