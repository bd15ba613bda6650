@if ($board->verdict?->right)
    <p class="verdict is-right" role="status">✓ {!! $page->say($board->verdict->message) !!}</p>
@endif
@if ($board->isTold())
    <p class="hint told">{{ __('ui.told') }}</p>
@endif
<h2 class="margin-what">{!! $page->say($board->stop()->content->title) !!}</h2>
<p class="margin-why">{!! $page->say($board->stop()->content->why) !!}</p>
@if (!$board->isChecking() && \Runel\Why\ButWhy::isAbout($board->stop()->content))
    @php($deeper = $board->address->to('why', ['step' => $board->shown, 'ask' => null]))
    <a class="why-open" id="pen-why" href="{{ $deeper }}" hx-get="{{ $deeper }}" hx-target="#why-more"
        hx-push-url="false">{{ __('why.title') }} <kbd>e</kbd></a>
    <div class="why-more" id="why-more" aria-live="polite"></div>
@endif
@if (\Runel\Why\KeyedNumbers::areIn($board->stop()->content))
    @php($keypad = $board->address->to('calculator', ['step' => $board->shown, 'ask' => null]))
    <a class="why-open" id="pen-calculator" href="{{ $keypad }}" hx-get="{{ $keypad }}" hx-target="#keypad-more"
        hx-push-url="false">{{ __('ui.calculator.title') }} <kbd>k</kbd></a>
    <div class="why-more" id="keypad-more" aria-live="polite"></div>
@endif
@if (!$board->isChecking() && $board->stop()->content->options !== [])
    <h3 class="margin-label">{{ __('ui.choice.' . $board->stop()->content->options[0]->key) }}</h3>
    <ul class="options">
        @foreach ($board->stop()->content->options as $option)
            <li><a @class(['option', 'is-taken' => $option->taken])
                href="{{ $board->address->to('board', [$option->key => $option->value, 'step' => $board->current]) }}"
                @if ($option->taken) aria-current="true" @endif>{!! $page->say($option->label) !!}</a></li>
        @endforeach
    </ul>
@endif
@if (!$board->isChecking() && $board->stop()->content->watch !== null)
    <p class="watch"><strong>{{ __('ui.watch') }}</strong>
        {!! $page->word('slip.' . $board->stop()->content->watch->value . '.watch') !!}</p>
@endif
@if (!$board->isChecking() && $board->stop()->content->aside !== null)
    <details class="aside-picture">
        <summary>{{ __('ui.picture') }}</summary>
        <figure class="figure">{!! $page->figure($board->stop()->content->aside) !!}</figure>
    </details>
@endif
@include('board.hunting')
@if ($board->isLast())
    <div @class(['answer', 'is-long' => $page->length($board->demonstration->answer->node()) > 22,
        'is-very-long' => $page->length($board->demonstration->answer->node()) > 34])>
        <h3 class="margin-label">{{ __('ui.answer') }}</h3>
        @if (\App\Faces\AnswerWords::of($board->demonstration->answer) !== null)
            <p><x-answer :demonstration="$board->demonstration" /></p>
        @else
            {!! $page->running($board->demonstration->answer->node()) !!}
        @endif
        @if (($reply = \Runel\Demonstration\Reply::of($board->demonstration)) !== null)
            <p class="reply">{!! $page->say($reply) !!}</p>
        @endif
        <p class="proved">✓ {{ __('ui.proved') }}</p></div>
@endif
<details class="take-away">
    <summary>{{ __('ui.take-away') }}</summary>
    <ul>
        <li><a href="{{ $board->address->to('print', ['step' => null, 'ask' => null,
            'present' => null]) }}">{{ __('ui.print') }}</a></li>
        <li><a href="{{ $board->address->to('roads', ['step' => null, 'ask' => null,
            'present' => null]) }}">{{ __('ui.all-roads') }}</a></li>
        @if (\App\Ways\InLetters::isBeside($board->demonstration))
            <li><a href="{{ $board->address->to('letters', \App\Ways\InLetters::FROM_BOARD) }}">{{
                __('formula.beside') }}</a></li>
        @endif
        @foreach ($board->files() as $format => $file)
            <li><a href="{{ $file }}">{{ __("ui.formats.$format") }}</a></li>
        @endforeach
        @if ($board->figure() !== null)
            <li><a href="{{ $board->address->to('figure',
                ['step' => $board->shown]) }}">{{ __('ui.figure-file') }}</a></li>
        @endif
    </ul>
    <p class="hint">{{ __('ui.copy-hint') }}</p>
</details>
