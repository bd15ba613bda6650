@props(['key', 'to', 'id', 'off' => false, 'main' => false, 'leave' => false])
<a id="{{ $id }}" @class(['pen', 'is-main' => $main, 'is-off' => $off]) href="{{ $to }}" @if ($off) aria-disabled="true" tabindex="-1" @elseif (!$leave) hx-get="{{ $to }}" hx-target="#board" hx-push-url="true" @endif>{{ $slot }} <kbd>{{ $key }}</kbd></a>
