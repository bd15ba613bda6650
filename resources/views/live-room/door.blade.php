<x-page :title="__('slates.come-in')" body="slate">
    <x-masthead closed />
    <main id="work" class="slate-desk" tabindex="0">
        <h1>{{ __('slates.come-in') }}</h1>
        @if ($said !== null)<p class="refusal" role="alert">{!! $page->say($said) !!}</p>@endif
        <form action="{{ route('slate.door', [], false) }}" method="get" class="slate-form">
            <label for="slate-code">{{ __('slates.code') }}</label>
            <input class="input" id="slate-code" name="code" maxlength="12" autocomplete="off"
                autocapitalize="characters" spellcheck="false" required>
            <button class="button ask-go">{{ __('slates.enter') }}</button>
        </form>
    </main>
</x-page>
