<label>{{ __('lesson.problem-label') }} <input class="input maths-input" name="problem"
    value="{{ $content->problem->task->problem }}" autocomplete="off" spellcheck="false"></label>
