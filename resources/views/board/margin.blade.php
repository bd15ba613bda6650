@if ($board->verdict?->right)
    <p class="verdict is-right" role="status">✓ {!! $say->say($board->verdict->message) !!}</p>
@endif
<h2 class="margin-what">{!! $say->say($stop->content->title) !!}</h2>
<p class="margin-why">{!! $say->say($stop->content->why) !!}</p>
@if (!$isCheck && $stop->content->options !== [])
    <h3 class="margin-label">{{ __('ui.choice.' . $stop->content->options[0]->key) }}</h3>
    <ul class="options">
        @foreach ($stop->content->options as $option)
            <li><a @class(['option', 'is-taken' => $option->taken]) href="{{ $board->address->to('/board', [$option->key => $option->value, 'step' => $board->current]) }}" @if ($option->taken) aria-current="true" @endif>{!! $say->say($option->label) !!}</a></li>
        @endforeach
    </ul>
@endif
@if (!$isCheck && $stop->content->watch !== null)
    <p class="watch"><strong>{{ __('ui.watch') }}</strong> {!! $say->word('slip.' . $stop->content->watch->value . '.watch') !!}</p>
@endif
@if (!$isCheck && $stop->content->aside !== null)
    <details class="aside-picture">
        <summary>{{ __('ui.picture') }}</summary>
        <figure class="figure">{!! $figures->svg($stop->content->aside, $style) !!}</figure>
    </details>
@endif
@if (in_array($board->figure()?->type(), ['pair-hunt', 'crossing', 'cross', 'trial-brackets'], true))
    @include('board.hunting')
@endif
@if ($board->isLast())
    @php($length = strlen(Runel\Notation\Ascii::write($board->demonstration->answer->node)))
    <div @class(['answer', 'is-long' => $length > 22, 'is-very-long' => $length > 34])><h3 class="margin-label">{{ __('ui.answer') }}</h3>{!! $maths->running($board->demonstration->answer->node) !!}<p class="proved">✓ {{ __('ui.proved') }}</p></div>
@endif
<details class="take-away">
    <summary>{{ __('ui.take-away') }}</summary>
    <ul>
        <li><a href="{{ $board->address->to('/print', ['step' => null, 'ask' => null, 'present' => null]) }}">{{ __('ui.print') }}</a></li>
        @foreach (['tex' => 'LaTeX', 'md' => 'Markdown', 'json' => 'JSON', 'txt' => __('ui.plain-text')] as $extension => $name)
            <li><a href="{{ $board->address->to("/runel.$extension", ['step' => null, 'ask' => null, 'present' => null]) }}">{{ $name }}</a></li>
        @endforeach
        @if ($board->figure() !== null)
            <li><a href="{{ $board->address->to('/figure.svg', ['step' => $board->shown]) }}">{{ __('ui.figure-file') }}</a></li>
        @endif
    </ul>
    <p class="hint">{{ __('ui.copy-hint') }}</p>
</details>
