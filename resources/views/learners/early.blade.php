<x-page :title="__('handed.tasks')" body="slate">
    <x-masthead closed />
    <main id="work" class="slate-desk" tabindex="0">
        <h1>{{ __('handed.tasks') }}</h1>
        <p>{{ __('handed.early', ['moment' => $handing->opens_at->isoFormat('dddd D MMMM, H:mm')]) }}</p>
    </main>
</x-page>
