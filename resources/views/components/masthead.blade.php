@props(['closed' => false])
<header class="masthead">
    <a class="wordmark" @if (!$closed) href="{{ route('bench', [], false) }}" @endif><svg viewBox="0 0 24 28"
        width="24" height="28" aria-hidden="true"><path d="M6 2v24M6 3l12 7-12 7M11 14l8 12" fill="none"
        stroke="currentColor" stroke-width="3" stroke-linecap="round" stroke-linejoin="round"/></svg>Runel</a>
    {{ $slot }}
</header>
