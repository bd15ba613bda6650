@props(['closed' => false, 'here' => null])
{{-- One head in every room: $here is the room's own name; on boards and in what a room opens it is null. --}}
<header @class(['masthead', 'is-room' => $here !== null])>
    <a class="wordmark" @if (!$closed) href="{{ route('bench', [], false) }}" @endif><svg viewBox="0 0 24 28"
        width="24" height="28" aria-hidden="true"><path d="M6 2v24M6 3l12 7-12 7M11 14l8 12" fill="none"
        stroke="currentColor" stroke-width="3" stroke-linecap="round" stroke-linejoin="round"/></svg><span
        class="wordmark-name">Runel</span></a>
    @if (!$closed)<x-rooms :here="$here" />@endif
    {{ $slot }}
</header>
