<x-page :title="__('lesson.title')" body="lessons">
    <x-masthead>
        <p class="board-method">{{ __('lesson.title') }}</p>
        <x-style-link :place="[]" />
    </x-masthead>
    <main id="work" class="lessons-desk" tabindex="0">
        <section class="lesson-order" aria-labelledby="lesson-order">
            <h1 id="lesson-order" class="margin-label">{{ __('lesson.order') }}</h1>
            @if ($refused !== null)
                <p class="refusal refusal-reason" role="alert">{!! $page->say($refused) !!}</p>
            @endif
            <form action="{{ route('lessons', [], false) }}" method="get">
                <label>{{ __('lesson.skill') }} <select class="input" name="skill">
                    @foreach (\App\Sets\LadderPicture::skills() as $job => $skills)
                        <optgroup label="{{ $page->jobName($job) }}">
                            @foreach ($skills as $skill)
                                <option value="{{ $skill->value }}" @selected($skill === $lesson->code->skill)>{{ __("practice.skill.$skill->value") }}</option>
                            @endforeach
                        </optgroup>
                    @endforeach
                </select></label>
                <div class="lesson-numbers">
                    @foreach (['rung' => $lesson->code->rung, 'minutes' => $lesson->code->minutes, 'lines' => $lesson->code->lines, 'pace' => $lesson->code->pace, 'seed' => $lesson->code->seed] as $name => $value)
                        <label>{{ __("lesson.$name-label") }} <input class="input" name="{{ $name }}" value="{{ $value }}" inputmode="numeric" maxlength="9"></label>
                    @endforeach
                </div>
                <button class="button ask-go" id="propose">{{ __('lesson.propose') }}</button>
            </form>
            <x-rungs :ladder="$ladder" :taken="$lesson->code->rung" />
        </section>
        <section class="lesson-plan" aria-labelledby="lesson-plan">
            <header class="made-head">
                <h2 id="lesson-plan">{{ __('practice.skill.' . $lesson->code->skill->value) }}, {{ __('sets.rung', ['number' => $lesson->code->rung]) }}</h2>
                <a class="button ask-go" id="play" href="{{ $lesson->play(1) }}">{{ __('lesson.play') }}</a>
            </header>
            <p class="made-take" role="group" aria-label="{{ __('sets.take') }}">
                @foreach (['plan', 'worked', 'faded', 'blank'] as $kind)
                    <a class="button is-small" href="{{ $lesson->sheet($kind) }}">{{ __("lesson.for.$kind") }}</a>
                @endforeach
                @foreach (['md' => 'Markdown', 'json' => 'JSON'] as $extension => $name)
                    <a class="button is-small" href="{{ route('lesson-file', ['extension' => $extension, 'lesson' => $lesson->code->code(1)], false) }}">{{ $name }}</a>
                @endforeach
            </p>
            <p class="lesson-time">{{ __('lesson.time', ['planned' => intdiv($lesson->plan->seconds() + 59, 60), 'minutes' => $lesson->plan->minutes]) }}</p>
            <progress class="lesson-bar" max="{{ $lesson->plan->minutes * 60 }}" value="{{ min($lesson->plan->seconds(), $lesson->plan->minutes * 60) }}" aria-label="{{ __('lesson.planned') }}"></progress>
            <ol class="lesson-items">
                @foreach ($lesson->plan->items as $item)
                    <li class="lesson-item">
                        <span class="lesson-at">{{ sprintf('%d:%02d', intdiv($lesson->plan->begins($loop->iteration), 60), $lesson->plan->begins($loop->iteration) % 60) }}</span>
                        <div>
                            <p class="lesson-kind"><a href="{{ $lesson->play($loop->iteration) }}">{{ __("lesson.kind.{$item->kind->value}") }}</a> <span class="hint">{{ __('lesson.takes', ['minutes' => max(1, (int) round($item->seconds / 60))]) }}</span></p>
                            @if ($item->kind->value === 'goal')
                                <p>{{ $item->rung()->adds === null ? __('lesson.goal-first') : __('lesson.goal', ['adds' => __('practice.adds.' . $item->rung()->adds->value)]) }}</p>
                            @elseif ($item->kind->value === 'set')
                                <p>{{ trans_choice('sets.problems', $item->count) }}, <a href="{{ $lesson->set($item) }}">{{ __('lesson.to-set') }}</a></p>
                            @else
                                <p class="line"><x-problem :demonstration="$item->demonstrated()" /></p>
                                @if ($item->slip !== null)
                                    <p>{!! $page->word("slip.{$item->slip->value}.watch") !!}</p>
                                @endif
                            @endif
                            @foreach ($lesson->plan->remarks() as $remark)
                                @if ($remark->item === $loop->parent->iteration)
                                    <p class="lesson-remark">{!! $page->say($remark->message) !!}</p>
                                @endif
                            @endforeach
                        </div>
                    </li>
                @endforeach
            </ol>
            @foreach ($lesson->plan->remarks() as $remark)
                @if ($remark->item === null)
                    <p class="lesson-remark">{!! $page->say($remark->message) !!}</p>
                @endif
            @endforeach
        </section>
    </main>
</x-page>
