@props(['message'])
<x-page body="bench">
    <x-masthead />
    <main id="work" class="bench-desk"><p class="refusal" role="alert">{{ $message }} <a href="/">{{ __('ui.to-bench') }}</a></p></main>
</x-page>
