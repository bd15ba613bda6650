@php($plan = $lesson->plan())
@php($begins = $plan->begins($number))
@php($late = intdiv($elapsed - $begins, 60))
@php($rest = $plan->minutes - intdiv($elapsed, 60))
<span class="lesson-where">{{ __('lesson.where', ['item' => $number, 'items' => count($plan->items)]) }}</span>
<progress max="{{ max(1, $plan->seconds()) }}" value="{{ $begins }}" aria-label="{{ __('lesson.planned') }}"></progress>
<span class="lesson-left">{{ $rest >= 0 ? __('lesson.left', ['minutes' => $rest]) : __('lesson.run-over',
    ['minutes' => -$rest]) }}@if ($late >= 1) · {{ $late }} {{ __('lesson.behind') }}@elseif ($late <= -1) ·
    {{ -$late }} {{ __('lesson.ahead') }}@endif</span>
<details class="lesson-noting" @if (isset($refused)) open @endif>
    <summary id="note-open">{{ __('lesson.note-add') }}</summary>
    <form action="{{ route('plays.note', ['play' => $lesson->played->id], false) }}" method="post"
        hx-post="{{ route('plays.note', ['play' => $lesson->played->id], false) }}" hx-target="#lesson-held">
        @csrf
        <input type="hidden" name="item" value="{{ $number }}">
        <label class="unseen" for="note-text">{{ __('lesson.note-label') }}</label>
        <textarea class="textarea" name="text" id="note-text" rows="2">{{ $text ?? '' }}</textarea>
        @if (isset($refused))
            <p class="refusal-reason" role="alert">{!! $page->say($refused) !!}</p>
        @endif
        <button class="button is-small" id="note-keep">{{ __('lesson.note-save') }}</button>
    </form>
</details>
@include('lessons.ink', ['saved' => false, 'refused' => null])
@if ($saved)
    <span class="lesson-saved" role="status">{{ __('lesson.note-saved') }}</span>
@endif
@php($answer = ($plan->items[$number - 1] ?? null)?->content->demonstration())
@php($after = $plan->items[$number] ?? null)
{{-- Where the room has a window of its own, this one is the desk: what only the tutor may know. --}}
<span class="desk-card">
    @if ($answer !== null)
        <span class="desk-row"><span class="desk-name">{{ __('ui.answer') }}</span>
            <x-answer :demonstration="$answer" /></span>
    @endif
    <span class="desk-row"><span class="desk-name">{{ __('lesson.after') }}</span>
        @if ($after === null)
            {{ __('lesson.after-none') }}
        @else
            {{ __("lesson.kind.{$after->kind()->value}") }}
            @if ($after->content->demonstration() !== null)
                <x-problem :demonstration="$after->content->demonstration()" />
            @endif
        @endif
    </span>
</span>
