@php($ids = ['lesson' => $lesson->lesson->id, 'item' => $kept->id])
<form action="{{ route('lessons.items.change', $ids, false) }}" method="post" class="tutor-form">
    @csrf
    @method('PUT')
    <input type="hidden" name="version" value="{{ $lesson->lesson->version }}">
    @if (in_array($kept->kind->value, ['goal', 'note'], true))
        <label>{{ __('lesson.words-label') }} <textarea class="textarea" name="text"
            rows="2">{{ $kept->text }}</textarea></label>
    @elseif ($kept->own !== [])
        <label>{{ __('handed.problems') }} <textarea class="textarea maths-input" name="own" rows="5"
            spellcheck="false">{{ implode("\n", $kept->own) }}</textarea></label>
    @elseif ($kept->kind->value === 'set')
        @include('lessons.set-fields', ['skill' => $kept->picked()->skill, 'rungs' => $kept->picked()->rungs,
            'count' => $kept->picked()->count, 'seed' => $kept->seed])
    @else
        <label>{{ __('lesson.problem-label') }} <input class="input maths-input" name="problem"
            value="{{ $kept->task?->problem }}" autocomplete="off" spellcheck="false"></label>
        @if ($kept->kind->value === 'warning')
            <label>{{ __('lesson.slip-label') }} <x-slip-choice :chosen="$kept->slip?->value ?? ''" /></label>
        @elseif ($item->demonstration !== null && $kept->kind->value !== 'your-turn')
            @foreach (['method' => $item->demonstration->method] + ($kept->kind->value === 'two-ways'
                ? ['other' => $kept->other] : []) as $field => $chosen)
                <label>{{ __($field === 'method' ? 'lesson.way-label' : 'lesson.other-label') }}
                    <select class="input" name="{{ $field }}">
                    @foreach ($ways($item->demonstration) as $method)
                        <option value="{{ $method }}"
                            @selected($method === $chosen)>{{ $page->methodName($item->demonstration->job,
                            $method) }}</option>
                    @endforeach
                </select></label>
            @endforeach
        @endif
    @endif
    <div class="lesson-numbers">
        <label>{{ __('lesson.minutes-own') }} <input class="input" name="minutes" value="{{ $kept->minutes }}"
            inputmode="numeric" maxlength="3"></label>
        @if ($kept->kind->value === 'demonstration' && $item->demonstration !== null)
            <label>{{ __('lesson.step-label') }} <select class="input" name="step">
                <option value="">{{ __('lesson.all-steps') }}</option>
                @foreach ($item->demonstration->steps() as $at => $step)
                    <option value="{{ $at + 1 }}" @selected($kept->step === $at + 1)>{{ $at + 1 }}</option>
                @endforeach
            </select></label>
        @endif
    </div>
    <p class="tutor-checks">
        @if ($kept->kind->value === 'demonstration')
            <label class="tutor-check"><input type="checkbox" name="ask" value="1" @checked($kept->ask)>
                {{ __('lesson.ask-label') }}</label>
        @endif
        <label class="tutor-check"><input type="checkbox" name="newPage" value="1" @checked($kept->newPage)>
            {{ __('lesson.new-page') }}</label>
    </p>
    <p class="tutor-go"><button class="button is-small">{{ __('lesson.save') }}</button>
        <button class="button is-small" form="drop-{{ $kept->id }}">{{ __('lesson.take-out') }}</button></p>
</form>
<form id="drop-{{ $kept->id }}" action="{{ route('lessons.items.drop', $ids, false) }}" method="post">
    @csrf
    @method('DELETE')
    <input type="hidden" name="version" value="{{ $lesson->lesson->version }}">
</form>
