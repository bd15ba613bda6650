@props(['message'])
<x-page body="bench">
    <x-masthead />
    <main id="work" class="bench-desk"><p class="refusal" role="alert">{{ $message }}
        <a href="{{ route('bench', [], false) }}">{{ __('ui.to-bench') }}</a></p>{{ $slot }}</main>
</x-page>
