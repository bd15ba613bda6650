<x-page :title="__('slates.title')" body="learners">
    <x-masthead><p class="board-method">{{ __('slates.title') }}</p></x-masthead>
    <main id="work" class="tutor-desk" tabindex="0">
        <section class="tutor-card is-wide">
            <h1>{{ __('slates.title') }}</h1>
            <x-told />
            <p>{{ __('slates.none') }}</p>
            <p><a class="button ask-go" href="{{ route('bench', [], false) }}">{{ __('slates.to-bench') }}</a></p>
        </section>
    </main>
</x-page>
