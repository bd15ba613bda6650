@php
    $last = $board->isLast();
    $first = $board->current === 1;
    $pens = [
        ['pen-first', 'Home', __('ui.first'), $board->link(1), 'is-off' => $first],
        ['pen-back', '←', __('ui.back'), $board->link($board->current - 1), 'is-off' => $first],
        ['pen-next', '→', $board->question() !== null ? __('ui.reveal') : __('ui.next'), $board->onward(), 'is-off' => $last, 'is-main' => true],
        ['pen-all', 'End', __('ui.all'), $board->link(count($board->stops)), 'is-off' => $last],
    ];
    $leave = [
        ['pen-ask', 'q', $board->address->ask ? __('ui.ask-end') : __('ui.ask'), $board->address->to('/board', ['ask' => $board->address->ask ? null : 1, 'step' => $board->address->ask || $board->isLast() ? $board->current : $board->current + 1])],
        ['pen-ways', '2', __('ui.two-ways'), $board->address->to('/two-ways', ['left' => $board->demonstration->method, 'method' => null, 'step' => null, 'present' => null, 'ask' => null])],
        ['pen-another', 'w', __('ui.another'), $board->address->to('/', ['step' => null, 'method' => null, 'present' => null])],
        ['pen-present', 'p', $board->address->present ? __('ui.present-end') : __('ui.present'), $board->address->to('/board', ['present' => $board->address->present ? null : 1, 'step' => $board->current])],
        ['pen-help', '?', __('ui.help'), '#help'],
    ];
@endphp
<nav class="pen-bar" aria-label="{{ __('ui.steps-nav') }}">
    @foreach ($pens as $pen)
        <a id="{{ $pen[0] }}" class="pen{{ ($pen['is-main'] ?? false) ? ' is-main' : '' }}{{ $pen['is-off'] ? ' is-off' : '' }}" @if ($pen['is-off']) role="link" aria-disabled="true" @else href="{{ $pen[3] }}" hx-get="{{ $pen[3] }}" hx-target="#board" hx-push-url="true" @endif>{{ $pen[2] }} <kbd>{{ $pen[1] }}</kbd></a>
    @endforeach
    <span class="pen-gap"></span>
    @foreach ($leave as $pen)
        <a id="{{ $pen[0] }}" class="pen" href="{{ $pen[3] }}">{{ $pen[2] }} <kbd>{{ $pen[1] }}</kbd></a>
    @endforeach
</nav>
