<main id="slate" class="slate-desk" tabindex="0"
    data-poll="{{ route('slate.state', ['code' => $room->code], false) }}" data-seen="{{ $room->version }}">
    <p class="slate-name hint" id="work">{{ $member->name }}</p>
    @if ($problem !== null)
        @include('live-room.own')
    @elseif ($asked === null)
        <p>{{ __('slates.wait') }}</p>
    @else
        <h1 class="slate-prompt">{!! $page->say($asked->question->prompt) !!}</h1>
        @if ($room->shows_board && $asked->before() !== null)
            <p class="slate-before">{!! $page->running($asked->before()->node) !!}</p>
        @endif
        @if ($room->shows_board && $asked->board->figure() !== null)
            <details class="slate-figure"><summary>{{ __('slates.figure') }}</summary>
                <figure class="figure">{!! $page->figure($asked->board->figure(),
                    $page->stacks($asked->board->figure())) !!}</figure></details>
        @endif
        @php($isOpen = $room->state === 'open' && !($answered !== null && ($room->rule === 'once'
            || ($room->rule === 'until-right' && ($verdict['right'] ?? false)))))
        @if ($answered !== null)
            <p class="slate-answered"><span class="hint">{{ __('slates.yours') }}</span>
                <span class="slate-typed">{!! $page->typed($answered) !!}</span></p>
            @if ($verdict !== null)
                <p @class(['verdict', 'is-right' => $verdict['right'], 'is-wrong' => !$verdict['right']])
                    role="status">{{ $verdict['right'] ? '✓' : '✗' }} {!! $verdict['said'] !!}</p>
            @elseif ($isOpen)
                <p class="hint" role="status">{{ __('slates.sent') }}</p>
            @else
                <p class="hint" role="status">{{ __('slates.sent-wait') }}</p>
            @endif
        @endif
        @if ($refused !== null)<p class="refusal" role="alert">{!! $page->say($refused) !!}</p>@endif
        @if ($isOpen)
            <form action="{{ route('slate.answer', ['code' => $room->code], false) }}" method="post"
                class="slate-form" hx-post="{{ route('slate.answer', ['code' => $room->code], false) }}"
                hx-target="#slate" hx-swap="outerHTML">
                <input type="hidden" name="number" value="{{ $room->number }}">
                <label for="slate-answer">{{ __($answered === null ? 'slates.answer' : 'slates.answer-again') }}</label>
                <div class="slate-row">
                    <input class="input" id="slate-answer" name="answer" autocomplete="off" autocapitalize="off"
                        spellcheck="false" maxlength="{{ \App\Slates\SlateAnswers::LONGEST }}"
                        value="{{ $typed }}" data-number="{{ $room->number }}" aria-describedby="slate-read">
                    <button class="button ask-go" id="slate-send">{{ __('slates.send') }}</button>
                </div>
                <div id="slate-read" class="turn-read" aria-live="polite" data-read="{{ route('line-reading', [],
                    false) }}?{{ http_build_query(['problem' => $asked->board->address->problem()]) }}"></div>
            </form>
            <x-pad for="slate-answer" :letters="$asked->board->demonstration->task->problem->letters" />
        @elseif ($answered === null)
            <p class="hint" role="status">{{ __("slates.shut.$room->state") }}</p>
        @endif
    @endif
    <p class="hint slate-look"><a href="{{ route('slate.show', ['code' => $room->code],
        false) }}">{{ __('slates.look-again') }}</a></p>
    <p class="slate-lost notice is-bad" role="alert" hidden>{{ __('slates.lost') }}</p>
</main>
