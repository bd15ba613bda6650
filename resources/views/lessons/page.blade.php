<x-page :title="__('lesson.title')" body="lessons">
    <x-masthead here="lessons">
        <x-style-link :place="[]" />
    </x-masthead>
    <main id="work" class="lessons-desk" tabindex="0">
        <section class="lesson-order" aria-labelledby="lesson-order">
            <h1 id="lesson-order" class="margin-label">{{ __('lesson.order') }}</h1>
            @if ($asked && $refused !== null)
                <p class="refusal refusal-reason" role="alert">{!! $page->say($refused) !!}</p>
            @endif
            <form action="{{ route('lessons', [], false) }}" method="get">
                <label>{{ __('lesson.skill') }} <select class="input" name="skill">
                    @foreach (\App\Sets\LadderPicture::skills() as $job => $skills)
                        <optgroup label="{{ $page->jobName($job) }}">
                            @foreach ($skills as $skill)
                                <option value="{{ $skill }}"
                                    @selected($skill === $lesson->code->skill)>{{ __("practice.skill.$skill")
                                    }}</option>
                            @endforeach
                        </optgroup>
                    @endforeach
                </select></label>
                <div class="lesson-numbers">
                    @foreach (['rung' => $lesson->code->rung, 'minutes' => $lesson->code->minutes,
                        'pace' => $lesson->code->pace, 'wide' => $lesson->code->wide, 'lines' => $lesson->code->lines,
                        'seed' => $lesson->code->seed] as $name => $value)
                        <label>{{ __("lesson.$name-label") }} <input class="input" name="{{ $name }}"
                            value="{{ $value }}" inputmode="numeric" maxlength="9"></label>
                    @endforeach
                </div>
                <p class="hint">{{ $played > 0 ? trans_choice('lesson.pace-own', $played,
                    ['percent' => $lesson->code->pace]) : __('lesson.pace-usual') }}</p>
                <button class="button ask-go foot-main" id="propose">{{ __('lesson.propose') }}</button>
            </form>
            <x-rungs :ladder="$ladder" :taken="$lesson->code->rung" />
        </section>
        <section class="lesson-plan" aria-labelledby="lesson-plan">
            <x-told />
            @if ($asked && $refused === null)
                @include('lessons.proposed')
            @else
                @include('lessons.list')
            @endif
        </section>
    </main>
</x-page>
