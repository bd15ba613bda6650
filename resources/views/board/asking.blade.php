<h2 class="margin-label">{{ __('ui.asked') }}</h2>
<p class="margin-what" id="prompt">{!! $page->say($board->question()->prompt) !!}</p>
<form class="answering" action="{{ route('board', [], false) }}" method="get" hx-get="{{ route('board', [], false) }}"
    hx-target="#board" hx-push-url="true">
    @foreach ($board->address->query(['step' => $board->current]) as $name => $value)
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
    @endforeach
    <input class="input" id="answer" name="answer" aria-labelledby="prompt" autocomplete="off" autocapitalize="off"
        spellcheck="false" maxlength="200" value="{{ $board->address->answer }}">
    <button class="button">{{ __('ui.judge') }} <kbd>↵</kbd></button>
    <div class="asking-read" aria-live="polite" data-read="{{ route('line-reading', [],
        false) }}?{{ http_build_query(['problem' => $board->address->problem()]) }}"></div>
</form>
@if ($board->verdict !== null)
    <p class="verdict is-wrong" role="alert">✗ {!! $page->say($board->verdict->message) !!}</p>
@endif
<div class="timer" hidden>
    <p class="margin-label">{{ __('ui.timer') }}</p>
    <div class="timer-choices" role="group" aria-label="{{ __('ui.timer') }}">
        @foreach ([10 => '10 s', 30 => '30 s', 60 => '1 min'] as $seconds => $name)
            <button type="button" class="button is-small" data-seconds="{{ $seconds }}">{{ $name }}</button>
        @endforeach
        <label class="timer-own">{{ __('ui.timer-own') }} <input class="input is-small" type="number" min="1"
            max="3600" data-own inputmode="numeric"></label>
    </div>
    <progress class="timer-bar" max="1" value="0" aria-label="{{ __('ui.timer') }}" hidden></progress>
    <p class="timer-over" role="status" data-over="{{ __('ui.timer-over') }}"></p>
</div>
<x-pad for="answer" :letters="$board->demonstration->task->problem->letters" />
<p class="hint">{{ __('ui.ask-hint') }}</p>
