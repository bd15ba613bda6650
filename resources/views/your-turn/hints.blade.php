@php($guidance = $help->guidance)
<h2 class="margin-label">{{ __('turn.help-title') }}</h2>
@if ($guidance === null)
    <p class="hint">{{ __('turn.no-help') }}</p>
@else
    @if ($turn->query->help === 0)
        <p class="hint">{{ __('turn.help-lead') }}</p>
    @endif
    <ol class="rungs" aria-live="polite">
        @if ($turn->query->help >= 1)
            <li class="rung"><span class="rung-name">{{ __('turn.rung.look') }}</span>
                @if (!$help->from->equals($help->standing)){{ __('turn.help-earlier') }} @endif
                {!! $page->maths($help->from) !!}<br>{!! $page->heading($guidance->stage)
                !!}@if ($guidance->watch !== null)
                {!! $page->word('slip.' . $guidance->watch->value . '.watch') !!}@endif</li>
        @endif
        @if ($turn->query->help >= 2)
            <li class="rung"><span class="rung-name">{{ __('turn.rung.question') }}</span>
                {!! $page->say($guidance->question) !!}</li>
        @endif
        @if ($turn->query->help >= 3)
            <li class="rung"><span class="rung-name">{{ __('turn.rung.rule') }}</span>
                {!! $page->say($guidance->rule) !!}</li>
        @endif
        @if ($turn->query->help >= 4)
            <li class="rung"><span
                class="rung-name">{{ __('turn.rung.line') }}</span>@foreach ($guidance->lines as $line)<span
                class="rung-line">{!! $page->maths($line->node) !!}</span>@endforeach</li>
        @endif
    </ol>
    @if ($turn->query->help < 4)
        @if ($turn->door === null)
            <a class="button" id="more-help" href="{{ $turn->to(['help' => $turn->query->help + 1]) }}"
                hx-get="{{ $turn->to(['help' => $turn->query->help + 1]) }}" hx-target="#turn" hx-push-url="true"
                hx-include="#draft">{{ __('turn.rung-next.' . ($turn->query->help + 1)) }} <kbd>h</kbd></a>
        @else
            <button class="button" id="more-help" form="field" name="do"
                value="help">{{ __('turn.rung-next.' . ($turn->query->help + 1)) }} <kbd>h</kbd></button>
        @endif
    @endif
@endif
<div class="timer turn-timer" hidden data-counts="1" @if ($turn->query->time !== null)
    data-start="{{ $turn->query->time }}" @endif>
    <h2 class="margin-label">{{ __('ui.timer') }}</h2>
    <div class="timer-choices" role="group" aria-label="{{ __('ui.timer') }}">
        @foreach (\App\Turn\TurnQuery::TIMES as $seconds)
            <button type="button" class="button is-small"
                data-seconds="{{ $seconds }}">{{ $seconds < 60 ? "$seconds s" : intdiv($seconds, 60)
                . ' min' }}</button>
        @endforeach
    </div>
    <progress class="timer-bar" max="1" value="0" aria-label="{{ __('ui.timer') }}" hidden></progress>
    <p class="timer-over" role="status" data-over="{{ __('ui.timer-over') }}"></p>
</div>
