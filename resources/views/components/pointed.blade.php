@props(['typed', 'at'])
@php($place = max(1, $at ?? 1))
<p class="pointed" aria-hidden="true"><span>{{ mb_substr($typed, 0, $place - 1) }}</span><mark>{{ mb_substr($typed,
    $place - 1, 1) === '' ? '␣' : mb_substr($typed, $place - 1, 1)
    }}</mark><span>{{ mb_substr($typed, $place) }}</span></p>
