@php($learner = $record->learner)
@php($due = $record->due())
<x-page :title="$learner->name" body="learners">
    <x-masthead here="learners">
        <x-style-link :place="[]" />
    </x-masthead>
    <main id="work" class="learner-desk" tabindex="0">
        <div class="learner-main">
            <h1 class="learner-title">{{ $learner->name }}
                <span class="hint">{{ $learner->groups->pluck('name')->implode(', ') }}</span></h1>
            <x-told :refused="$refused" />
            <section class="tutor-card is-wide" aria-labelledby="due">
                <h2 id="due">{{ __('learner.due') }}</h2>
                @include('learners.due')
            </section>
            <section class="tutor-card is-wide" aria-labelledby="ladders">
                <h2 id="ladders">{{ __('learner.ladders') }}</h2>
                @if ($record->skills() === [])
                    <p class="hint">{{ __('learner.no-ladders') }}</p>
                @else
                    <p class="standing-key" aria-hidden="true">@foreach (['stands', 'wobbles', 'new'] as $how)<span
                        class="standing-rung is-{{ $how }}"><span
                        class="standing-sign">{{ __("learner.sign.$how") }}</span></span>
                        {{ __("learner.standing.$how") }} @endforeach</p>
                    <p class="hint">{{ __('learner.standing-rule') }}</p>
                    <ul class="standings">
                        @foreach ($record->skills() as $skill)
                            <x-standing-ladder :record="$record" :skill="$skill" />
                        @endforeach
                    </ul>
                @endif
            </section>
            <section class="tutor-card is-wide" aria-labelledby="slips">
                <h2 id="slips">{{ __('learner.slips') }}</h2>
                @include('learners.slips')
            </section>
            <section class="tutor-card is-wide" aria-labelledby="last-work">
                <h2 id="last-work">{{ __('learner.last-work') }}</h2>
                @include('learners.work')
            </section>
        </div>
        <aside class="learner-aside">
            @include('learners.about')
        </aside>
    </main>
</x-page>
