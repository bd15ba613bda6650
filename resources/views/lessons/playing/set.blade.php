<h1 class="projector-ready">{{ trans_choice('sets.problems', $content->count) }}</h1>
<p><a class="button" href="{{ $lesson->set($number) }}">{{ __('lesson.to-set') }}</a></p>
