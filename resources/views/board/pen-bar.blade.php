<nav class="pen-bar" aria-label="{{ __('ui.steps-nav') }}">
    <x-pen key="Home" :to="$board->link(1)" id="pen-first" :off="$board->current === 1">{{ __('ui.first') }}</x-pen>
    <x-pen key="←" :to="$board->link($board->current - 1)" id="pen-back" :off="$board->current === 1">{{ __('ui.back') }}</x-pen>
    <x-pen key="→" :to="$board->link($board->current + 1)" id="pen-next" :off="$board->isLast()" main>{{ __('ui.next') }}</x-pen>
    <x-pen key="End" :to="$board->link(count($board->stops))" id="pen-all" :off="$board->isLast()">{{ __('ui.all') }}</x-pen>
    <span class="pen-gap"></span>
    <x-pen key="w" :to="$board->address->to('/', ['step' => null, 'method' => null, 'present' => null])" id="pen-another" leave>{{ __('ui.another') }}</x-pen>
    <x-pen key="p" :to="$board->address->to('/board', ['present' => $board->address->present ? null : 1, 'step' => $board->current])" id="pen-present" leave>{{ $board->address->present ? __('ui.present-end') : __('ui.present') }}</x-pen>
    <x-pen key="?" to="#help" id="pen-help" leave>{{ __('ui.help') }}</x-pen>
</nav>
