<nav class="pen-bar" aria-label="{{ __('ui.steps-nav') }}">
    {{-- On a phone the bar holds the two that are always wanted, and this brings the others. --}}
    <input type="checkbox" id="pen-more" class="pen-switch">
    <label for="pen-more" class="pen pen-more">{{ __('ui.more') }}</label>
    @foreach ($board->pens()->along() as $pen)
        <a id="{{ $pen->id }}" @class(['pen', 'is-main' => $pen->main, 'is-off' => $pen->off]) @if ($pen->off)
            role="link" aria-disabled="true" @else href="{{ $pen->link }}" hx-get="{{ $pen->link }}" hx-target="#board"
            hx-push-url="true" @endif>{{ __("ui.$pen->name") }} <kbd>{{ $pen->key }}</kbd></a>
    @endforeach
    <span class="pen-gap"></span>
    @if ($board->address->present)
        <span class="seats" role="group" aria-label="{{ __('ui.seats') }}">
            <button type="button" class="pen seat" data-seat="-1" aria-label="{{ __('ui.seat-nearer') }}">−</button>
            <span class="seat-now" role="status"></span>
            <button type="button" class="pen seat seat-figure" id="seat-figure"
                aria-pressed="false">{{ __('ui.seat-figure') }} <kbd>f</kbd></button>
            <button type="button" class="pen seat" data-seat="1" aria-label="{{ __('ui.seat-further') }}">+</button>
        </span>
    @endif
    <button type="button" id="pen-point" class="pen" aria-pressed="false" hidden>{{ __('ui.point') }}
        <kbd>l</kbd></button>
    <button type="button" id="pen-pen" class="pen" aria-pressed="false" hidden>{{ __('ui.pen') }} <kbd>d</kbd></button>
    <form action="{{ route('rooms.ask', [], false) }}" method="post" class="pen-form">
        <input type="hidden" name="board" value="{{ http_build_query($board->address->query()) }}">
        <button id="pen-room" class="pen">{{ __('ui.ask-room') }} <kbd>r</kbd></button>
    </form>
    @if ($board->address->lesson === null)
        <button type="button" id="pen-second" class="pen" hidden>{{ __('ui.second-window') }}</button>
    @endif
    <button type="button" id="pen-aloud" class="pen" aria-pressed="false"
        data-missing="{{ __('ui.aloud-missing') }}">{{ __('ui.aloud') }} <kbd>v</kbd></button>
    @foreach ($board->pens()->away() as $pen)
        <a id="{{ $pen->id }}" class="pen" href="{{ $pen->link }}">{{ __("ui.$pen->name") }}
            @if ($pen->key !== '')<kbd>{{ $pen->key }}</kbd>@endif</a>
    @endforeach
</nav>
