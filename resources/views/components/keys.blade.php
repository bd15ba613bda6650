@props(['keys', 'right'])
{{-- Key after key, under each what the display says. --}}
<ol @class(['keypad-keys', 'is-wrong' => !$right])>
    @foreach ($keys as [$key, $display])
        <li><kbd>{{ $key }}</kbd><span>{{ $display }}@if ($loop->last) <span
            class="keypad-mark">{{ $right ? '✓' : '✗' }}</span>@endif</span></li>
    @endforeach
</ol>
