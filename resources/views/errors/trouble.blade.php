<x-page body="bench">
    <x-masthead />
    <main id="work" class="bench-desk">
        <p class="refusal" role="alert">{{ __("trouble.{$trouble->value}") }}</p>
        <p>{{ __("trouble.cure.{$trouble->value}") }}
            <a href="{{ route('bench', [], false) }}">{{ __('ui.to-bench') }}</a></p>
        <x-typed-back :typed="$typed" :again="$again" />
    </main>
</x-page>
