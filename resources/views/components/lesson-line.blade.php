@props(['code', 'step' => '', 'present' => false])
@inject('lines', 'App\Lessons\LessonLines')
@php($held = $lines::held($code, (string) $step))
@php($at = $held === null ? $lines->at($code) : null)
@if ($held !== null)
    {{-- Whoever opens the address sees which item it is; the rest is asked for with the tutor's session. --}}
    <span class="lesson-line">
        <span class="lesson-held" id="lesson-held" hx-get="{{ $held['line'] }}" hx-trigger="load"
            hx-push-url="false"><span
            class="lesson-where">{{ __('lesson.item-of', ['item' => $held['item']]) }}</span></span>
        <form action="{{ $held['next'] }}" method="post" class="pen-form">
            <input type="hidden" name="step" value="{{ $held['step'] }}">
            @if ($present)<input type="hidden" name="present" value="1">@endif
            <button id="pen-item" class="pen">{{ __('lesson.next') }} <kbd>n</kbd></button>
        </form>
        <x-lesson-ways :before="$held['before']" :items="$held['items']" :leave="$held['leave']"
            :present="$present" />
    </span>
@elseif ($at !== null)
    <span class="lesson-line" data-lesson="{{ $at['name'] }}" data-begins="{{ $at['begins'] }}"
        data-seconds-left="{{ $at['left'] }}">
        <span class="lesson-where">{{ __('lesson.where', ['item' => $at['item'], 'items' => $at['items']]) }}</span>
        <progress max="{{ $at['whole'] }}" value="{{ $at['begins'] }}"
            aria-label="{{ __('lesson.planned') }}"></progress>
        <span class="lesson-now" data-behind="{{ __('lesson.behind') }}" data-ahead="{{ __('lesson.ahead') }}"></span>
        <a id="pen-item" class="pen"
            href="{{ $at['next'] }}{{ $present ? '&present=1' : '' }}">{{ __('lesson.next') }} <kbd>n</kbd></a>
        <x-lesson-ways :before="$at['before']" :items="null" :leave="$at['leave']" :present="$present" />
    </span>
@endif
