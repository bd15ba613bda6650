@include('lessons.change.problem')
<label>{{ __('lesson.slip-label') }} <x-slip-choice :chosen="$content->slip->value" /></label>
