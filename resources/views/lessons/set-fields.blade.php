<label>{{ __('lesson.skill') }} <select class="input" name="skill">
    @foreach (\Runel\Job\Jobs::ladders()->all as $one)
        <option value="{{ $one->skill() }}"
            @selected($one->skill() === $skill)>{{ __("practice.skill.{$one->skill()}") }}</option>
    @endforeach
</select></label>
<div class="lesson-numbers">
    <label>{{ __('lesson.rungs-label') }} <input class="input" name="rungs" value="{{ $rungs }}" maxlength="7"></label>
    <label>{{ __('lesson.count-label') }} <input class="input" name="count" value="{{ $count }}" inputmode="numeric"
        maxlength="3"></label>
    <label>{{ __('lesson.seed-label') }} <input class="input" name="seed" value="{{ $seed }}" inputmode="numeric"
        maxlength="9"></label>
    <input type="hidden" name="defaults" value="{{ $defaults }}">
</div>
