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
@include('board.hunting')
@if ($board->isLast())
    @php($length = strlen(Runel\Notation\Ascii::write($board->demonstration->answer->node)))
    <div @class(['answer', 'is-long' => $length > 22, 'is-very-long' => $length > 34])><h3 class="margin-label">{{ __('ui.answer') }}</h3>{!! $maths->html($board->demonstration->answer->node) !!}<p class="proved">✓ {{ __('ui.proved') }}</p></div>
@endif
@include('board.take-away')
