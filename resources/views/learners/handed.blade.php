<x-page :title="__('handed.made')" body="learners">
    <x-masthead here="learners" />
    <main id="work" class="tutor-desk" tabindex="0">
        <section class="tutor-card is-wide" aria-labelledby="made">
            <h1 id="made">{{ __($isNew ? 'handed.made' : 'handed.open-now') }}</h1>
            @if ($handed === [])
                <p class="hint">{{ __('handed.none-open') }}</p>
            @else
                <p>{{ __('handed.made-hint') }}</p>
                @if ($isOnlyHere)
                    <p class="hint">{{ __('handed.only-here') }}</p>
                @endif
                <p class="made-take"><button type="button" class="button is-small" id="copy-all"
                    data-copied="{{ __('ui.copied') }}">{{ __('handed.copy-all') }}</button>
                    <button type="button" class="button is-small" id="print-now">{{ __('handed.slips') }}</button></p>
            @endif
            <ul class="handed-list">
                @foreach ($handed as $handing)
                    <li class="handed-slip">
                        @php($short = $handing->code === null ? $host . $addresses->address($handing)
                            : "$host/h/$handing->code")
                        @php($done = $handing->attempts->where('finished', true)->count())
                        <div>
                            <p><strong>{{ $handing->learner->name }}</strong>
                                <span class="hint">{{ trans_choice('sets.problems', count($handing->references())) }},
                                {{ __('handed.until', ['moment' => $handing->expires_at->isoFormat('ddd D MMM, H:mm')])
                                }}@if ($handing->is_test) · {{ __('handed.is-test') }}@endif</span></p>
                            <p class="handed-short">{{ $short }}</p>
                            @php($begun = $handing->attempts->sortByDesc('at')->firstWhere('finished', false))
                            <p class="handed-status hint">{{ match (true) {
                                $handing->attempts->isEmpty() => __('handed.untouched'),
                                $done === count($handing->references()) => '✓ ' . __('handed.all-done'),
                                $begun !== null => __('handed.on', ['done' => $done,
                                    'all' => count($handing->references()), 'number' => $begun->place]),
                                default => __('handed.status', ['done' => $done,
                                    'all' => count($handing->references())]),
                            } }}</p>
                            <p class="handed-moves"><button type="button" class="button is-small copy-address"
                                data-address="{{ $short }}" data-copied="{{ __('ui.copied') }}">{{ __('handed.copy')
                                }}<span class="unseen">: {{ $handing->learner->name }}</span></button>
                            <a class="plain-link handed-open"
                                href="{{ $addresses->address($handing) }}">{{ __('handed.open-here') }}<span
                                class="unseen">: {{ $handing->learner->name }}</span></a></p>
                            <form class="handed-moves" method="post"
                                action="{{ route('handing.back', ['handing' => $handing->id], false) }}">@csrf
                                @method('DELETE')<button class="button is-small">{{ __('handed.take-back')
                                }}<span class="unseen">: {{ $handing->learner->name }}</span></button></form>
                        </div>
                        @if (!$isOnlyHere)<div class="handed-qr" data-qr="{{ $short }}"></div>@endif
                    </li>
                @endforeach
            </ul>
        </section>
    </main>
</x-page>
