<x-page :title="__('handed.made')" body="learners">
    <x-masthead here="learners" />
    <main id="work" class="tutor-desk" tabindex="0">
        <section class="tutor-card is-wide" aria-labelledby="made">
            <h1 id="made">{{ __('handed.made') }}</h1>
            <p>{{ __('handed.made-hint') }}</p>
            @if ($isOnlyHere)
                <p class="hint">{{ __('handed.only-here') }}</p>
            @endif
            <ul class="handed-list">
                @foreach ($handed as $handing)
                    <li>
                        <p><strong>{{ $handing->learner->name }}</strong>
                            <span class="hint">{{ trans_choice('sets.problems', count($handing->references())) }},
                            {{ __('handed.until',
                            ['moment' => $handing->expires_at->isoFormat('ddd D MMM, H:mm')]) }}</span></p>
                        <input class="input handed-address" readonly
                            value="{{ $host }}{{ $addresses->address($handing) }}"
                            aria-label="{{ $handing->learner->name }}">
                        <a class="plain-link handed-open"
                            href="{{ $addresses->address($handing) }}">{{ __('handed.open-here') }}<span
                            class="unseen">: {{ $handing->learner->name }}</span></a>
                    </li>
                @endforeach
            </ul>
        </section>
    </main>
</x-page>
