<x-page :title="__('learner.pile-title')" body="learners">
    <x-masthead />
    <main id="work" class="tutor-desk" tabindex="0">
        <section class="tutor-card is-wide" aria-labelledby="wait">
            <h1 id="wait">{{ __('door.wanted') }}</h1>
            <p>{{ __('learner.pile-waits') }}</p>
            <p class="tutor-go"><a class="button" href="{{ route('tutor', [], false) }}" target="_blank"
                rel="noopener">{{ __('door.enter') }}</a></p>
            <form action="{{ route('learners.pile', [], false) }}" method="post" class="tutor-go">
                @foreach ($sent as [$name, $value])
                    <textarea name="{{ $name }}" hidden>{{ $value }}</textarea>
                @endforeach
                <button class="button ask-go" id="go-on-pile">{{ __('learner.pile-go-on') }}</button>
            </form>
        </section>
    </main>
</x-page>
