@include('lessons.change.problem')
@if ($worked !== null)
    @include('lessons.change.way', ['field' => 'method', 'chosen' => $worked->method])
    <div class="lesson-numbers">
        <label>{{ __('lesson.step-label') }} <select class="input" name="step">
            <option value="">{{ __('lesson.all-steps') }}</option>
            @foreach ($worked->steps() as $at => $step)
                <option value="{{ $at + 1 }}" @selected($content->step === $at + 1)>{{ $at + 1 }}</option>
            @endforeach
        </select></label>
    </div>
@endif
<p class="tutor-checks">
    <label class="tutor-check"><input type="checkbox" name="ask" value="1" @checked($content->ask)>
        {{ __('lesson.ask-label') }}</label>
</p>
