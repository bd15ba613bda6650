@props(['code'])
@inject('lines', 'App\Lessons\LessonLines')
@php($at = $lines->at($code))
@if ($at !== null)
    <span class="lesson-line" data-lesson="{{ $at['name'] }}" data-begins="{{ $at['begins'] }}" data-seconds-left="{{ $at['left'] }}">
        <span class="lesson-where">{{ __('lesson.where', ['item' => $at['item'], 'items' => $at['items']]) }}</span>
        <progress max="{{ $at['whole'] }}" value="{{ $at['begins'] }}" aria-label="{{ __('lesson.planned') }}"></progress>
        <span class="lesson-now" data-behind="{{ __('lesson.behind') }}" data-ahead="{{ __('lesson.ahead') }}"></span>
        <a id="pen-item" class="pen" href="{{ $at['next'] }}">{{ __('lesson.next') }} <kbd>n</kbd></a>
    </span>
@endif
