<h1 class="slate-prompt">{{ $page->jobName($problem->job) }}:
    {!! $page->running($problem->task->problem->node) !!}</h1>
@php($isTold = $room->at_once || $room->state === 'told')
<ol class="slate-lines">
    @foreach ($work->lines ?? [] as $place => $line)
        <li>@if ($isTold)<span class="marked-sign" role="img"
            aria-label="{{ __('turn.sign.' . ($work->signs[$place] ?? 'note')) }}">{{ __('turn.mark.'
            . ($work->signs[$place] ?? 'note')) }}</span>@endif {!! $page->typed($line) !!}</li>
    @endforeach
</ol>
@if ($isTold && $work !== null && $work->slip !== null)
    <p class="verdict is-wrong" role="status">✗ {{ __('slates.breaks', ['line' => $work->at]) }}:
        {{ $page->plain(\Runel\Message\Message::of("slip.{$work->slip->value}.name")) }}</p>
@elseif ($isTold && $work !== null && $work->isFinished)
    <p class="verdict is-right" role="status">✓ {{ __('slates.finished') }}</p>
@endif
@if ($refused !== null)<p class="refusal" role="alert">{!! $page->say($refused) !!}</p>@endif
@if ($room->state === 'open')
    <form action="{{ route('slate.answer', ['code' => $room->code], false) }}" method="post" class="slate-form"
        hx-post="{{ route('slate.answer', ['code' => $room->code], false) }}" hx-target="#slate"
        hx-swap="outerHTML">
        <input type="hidden" name="number" value="{{ $room->number }}">
        <label for="slate-answer">{{ __(($work->lines ?? []) === [] ? 'turn.first' : 'turn.next') }}</label>
        <div class="slate-row">
            <input class="input" id="slate-answer" name="answer" autocomplete="off" autocapitalize="off"
                spellcheck="false" maxlength="{{ \App\Slates\SlateAnswers::LONGEST }}" value="{{ $typed }}"
                data-number="{{ $room->number }}" aria-describedby="slate-read">
            <button class="button ask-go" id="slate-send">{{ __('turn.write') }}</button>
        </div>
        <div id="slate-read" class="turn-read" aria-live="polite" data-read="{{ route('line-reading', [],
            false) }}?{{ http_build_query(['problem' => $problem->address->problem()]) }}"></div>
        @if (($work->lines ?? []) !== [])
            <button class="button is-small" name="do" value="back" formnovalidate>{{ __('turn.undo') }}</button>
        @endif
    </form>
    <x-pad for="slate-answer" :letters="$problem->task->problem->letters" />
@else
    <p class="hint" role="status">{{ __("slates.shut.$room->state") }}</p>
@endif
