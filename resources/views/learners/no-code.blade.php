<x-page :title="__('handed.tasks')" body="slate">
    <x-masthead closed />
    <main id="work" class="slate-desk" tabindex="0">
        <h1>{{ __('handed.tasks') }}</h1>
        <p class="refusal" role="alert">{{ __($said) }}</p>
    </main>
</x-page>
