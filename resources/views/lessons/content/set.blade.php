<p>{{ trans_choice('sets.problems', $content->count) }}@if ($links),
    <a href="{{ $lesson->set($number) }}">{{ __('lesson.to-set') }}</a>@endif</p>
