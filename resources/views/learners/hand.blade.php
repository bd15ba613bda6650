<x-page :title="__('handed.title')" body="learners">
    <x-masthead here="learners" />
    <main id="work" class="tutor-desk" tabindex="0">
        <section class="tutor-card is-wide" aria-labelledby="hand-title">
            <h1 id="hand-title">{{ __('handed.title') }}</h1>
            <p>{{ __('handed.lead') }}</p>
            @if ($refusal !== null)
                <div class="refusal" role="alert"><p class="refusal-reason">{!! $page->say($refusal->reason) !!}</p>
                    </div>
            @endif
            <form action="{{ route('handing.hand', [], false) }}" method="post" class="tutor-form">
                @csrf
                <label>{{ __('handed.problems') }} <textarea class="textarea maths-input" name="problems" id="problems"
                    rows="4" spellcheck="false" aria-describedby="problems-hint">{{ $text }}</textarea></label>
                <p class="hint" id="problems-hint">{{ __('handed.problems-hint') }}</p>
                <fieldset class="hand-as">
                    <legend>{{ __('handed.as') }}</legend>
                    <label class="tutor-check"><input type="radio" name="as" value="work" @checked(!$isHunt)>
                        {{ __('handed.as-work') }}</label>
                    <label class="tutor-check"><input type="radio" name="as" value="page" @checked($isHunt)>
                        {{ __('handed.as-page') }}</label>
                    <label>{{ __('handed.slip') }} <x-slip-choice :chosen="$slip" any /></label>
                </fieldset>
                <fieldset>
                    <legend>{{ __('handed.whom') }}</legend>
                    @if ($learners === [])
                        <p class="hint">{{ __('handed.nobody-yet') }}</p>
                    @endif
                    @foreach (['groups' => $groups, 'learners' => $learners] as $what => $list)
                        @if ($list !== [])
                            <p class="margin-label">{{ __("handed.$what") }}</p>
                            <p class="tutor-checks">@foreach ($list as $one)<label class="tutor-check"><input
                                type="checkbox" name="learners[]" value="{{ $one->id }}"
                                @checked(in_array($one->id, $chosen, true))> {{ $one->name }}</label>@endforeach</p>
                        @endif
                    @endforeach
                </fieldset>
                <label>{{ __('handed.days') }} <select class="input is-number" name="days">
                    @foreach (\App\Learners\Handings::TIMES as $days)
                        <option value="{{ $days }}"
                            @selected($days === 7)>{{ trans_choice('handed.times', $days) }}</option>
                    @endforeach
                </select></label>
                <p class="tutor-go"><button class="button ask-go" id="hand">{{ __('handed.hand') }}</button></p>
            </form>
        </section>
    </main>
</x-page>
