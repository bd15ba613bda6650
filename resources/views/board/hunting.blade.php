@if ($board->hunt() !== null)
    @php($example = match (true) {
        $board->hunt() instanceof \Runel\Demonstration\Figure\PairHuntFigure => '6, −10',
        $board->hunt()->kind === 'cross' => '1, 6; 2, 5',
        default => '(x + 2)(6x − 5)',
    })
    <form class="own-pair" action="{{ route('board', [], false) }}" method="get"
        hx-get="{{ route('board', [], false) }}" hx-target="#board" hx-push-url="true">
        @foreach ($board->address->query(['step' => $board->current, 'pair' => null]) as $name => $value)
            <input type="hidden" name="{{ $name }}" value="{{ $value }}">
        @endforeach
        <label class="margin-label" for="own">{{ __($example === '6, −10' ? 'ui.own-pair' : 'ui.own-arrangement')
            }}</label>
        <div class="answering"><input class="input" id="own" name="pair" placeholder="{{ $example }}"
            autocomplete="off" maxlength="60" value="{{ $board->address->pair }}"><button
            class="button">{{ __('ui.own-pair-test') }}</button></div>
    </form>
    @if ($board->own() !== null)
        <p class="verdict {{ $board->own()->fits ? 'is-right' : 'is-wrong' }}"
            role="status">{{ $board->own()->fits ? '✓' : '✗' }} {!! $page->say($board->own()->message) !!}</p>
    @endif
@endif
