{{-- The pen fills the field, and shows the button once there is ink that is not kept here yet. --}}
<form id="ink-kept" class="pen-form"
    data-ink="{{ json_encode((object) ($lesson->items[$number - 1]->ink->steps ?? [])) }}"
    action="{{ route('plays.ink', ['play' => $lesson->played->id, 'item' => $number], false) }}" method="post"
    hx-post="{{ route('plays.ink', ['play' => $lesson->played->id, 'item' => $number], false) }}"
    hx-swap="outerHTML" hx-push-url="false" hidden>
    @csrf
    <input type="hidden" name="ink" id="ink-now">
    <button class="button is-small" id="ink-keep">{{ __('lesson.ink-keep') }}</button>
    @isset($refused)
        <span class="refusal-reason" role="alert">{!! $page->say($refused) !!}</span>
    @endisset
</form>
@if ($saved ?? false)
    <span class="lesson-saved" role="status" id="ink-saved">{{ __('lesson.ink-saved') }}</span>
@endif
