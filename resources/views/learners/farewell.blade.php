<x-page :title="__('learner.farewell', ['name' => $learner->name])" body="learners">
    <x-masthead here="learners" />
    <main id="work" class="tutor-desk" tabindex="0">
        <section class="tutor-card is-wide" aria-labelledby="farewell">
            <h1 id="farewell">{{ __('learner.farewell', ['name' => $learner->name]) }}</h1>
            <p>{{ __('learner.farewell-lead') }}</p>
            <ul class="farewell-list">
                <li>{{ __('learner.farewell-name') }}</li>
                @foreach (['attempts' => 'learner.pieces', 'handings' => 'learner.links', 'words' => 'learner.words',
                    'groups' => 'learner.memberships'] as $what => $words)
                    @if ($counts[$what] > 0)
                        <li>{{ trans_choice($words, $counts[$what]) }}</li>
                    @endif
                @endforeach
            </ul>
            @if ($mentions !== [])
                <p>{{ __('learner.mentions') }}</p>
                <ul class="farewell-list">
                    @foreach ($mentions as $note)
                        <li><a class="plain-link"
                            href="{{ route('plays.show', ['play' => $note->play_id],
                            false) }}">{{ $note->text }}</a></li>
                    @endforeach
                </ul>
            @endif
            <p class="hint">{{ __('learner.farewell-stays') }}</p>
            <form action="{{ route('learners.forget', ['learner' => $learner->id], false) }}" method="post"
                class="tutor-go">
                @csrf
                @method('DELETE')
                <a class="button ask-go"
                    href="{{ route('learners.show', ['learner' => $learner->id],
                    false) }}">{{ __('learner.no-forget') }}</a>
                <button class="button is-danger-plain" id="forget">{{ __('learner.forget') }}</button>
            </form>
        </section>
    </main>
</x-page>
