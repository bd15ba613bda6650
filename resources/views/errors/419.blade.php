@php($typed = array_filter(request()->except(['_token', '_method', 'version', 'passphrase', 'wanted', 'again', 'lesson', 'order']), 'is_string'))
<x-error message="{{ __('ui.error.419') }}">
    @if ($typed !== [])
        <p>{{ __('ui.typed-here') }}</p>
        @foreach ($typed as $text)
            <textarea class="textarea" rows="{{ min(12, substr_count($text, "\n") + 2) }}" readonly aria-label="{{ __('ui.typed-here') }}">{{ $text }}</textarea>
        @endforeach
    @endif
</x-error>
