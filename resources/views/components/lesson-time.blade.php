@props(['plan'])
<p class="lesson-time">{{ __('lesson.time', ['planned' => intdiv($plan->seconds() + 59, 60),
    'minutes' => $plan->minutes]) }}</p>
<progress class="lesson-bar" max="{{ $plan->minutes * 60 }}" value="{{ min($plan->seconds(), $plan->minutes * 60) }}"
    aria-label="{{ __('lesson.planned') }}"></progress>
