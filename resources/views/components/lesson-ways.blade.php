@props(['before', 'items', 'leave', 'present' => false])
@if ($before !== null)
    <a id="pen-item-back" class="pen"
        href="{{ $before }}{{ $present ? (str_contains($before, '?') ? '&' : '?') . 'present=1'
        : '' }}">{{ __('lesson.before') }} <kbd>b</kbd></a>
@endif
@if ($items !== null)
    <a id="pen-items" class="pen" href="{{ $items }}">{{ __('lesson.items-all') }} <kbd>i</kbd></a>
@endif
<button type="button" id="pen-second" class="pen" hidden>{{ __('ui.second-window') }}</button>
<a id="pen-leave" class="pen" href="{{ $leave }}">{{ __('lesson.leave') }} <kbd>Esc</kbd></a>
