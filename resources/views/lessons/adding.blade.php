@php($to = route('lessons.items.add', ['lesson' => $lesson->lesson->id], false))
@php($wrong = $typed['kind'] ?? '')
@foreach (['words' => ['goal', 'note'], 'problem' => ['demonstration', 'your-turn', 'two-ways'],
    'warning' => ['warning'], 'slip-to-find' => ['slip-to-find'], 'set' => ['set']] as $what => $kinds)
    <details class="tutor-more" @if (in_array($wrong, $kinds, true) || ($wrong === '' && $what === 'problem')) open
        @endif>
        <summary>{{ __("lesson.add-$what") }}</summary>
        <form action="{{ $to }}" method="post" class="tutor-form">
            @csrf
            <input type="hidden" name="version" value="{{ $lesson->lesson->version }}">
            @php($own = in_array($wrong, $kinds, true) ? $typed : [])
            @if (count($kinds) > 1)
                <label>{{ __('lesson.kind-label') }} <select class="input" name="kind">
                    @foreach ($kinds as $kind)
                        <option value="{{ $kind }}" @selected($wrong === $kind)>{{ __("lesson.kind.$kind") }}</option>
                    @endforeach
                </select></label>
            @else
                <input type="hidden" name="kind" value="{{ $kinds[0] }}">
            @endif
            @if ($what === 'words')
                <label>{{ __('lesson.words-label') }} <textarea class="textarea" name="text"
                    rows="2">{{ $own['text'] ?? '' }}</textarea></label>
            @elseif ($what === 'problem')
                <label>{{ __('lesson.problem-label') }} <input class="input maths-input" name="problem"
                    id="add-problem" value="{{ $own['problem'] ?? '' }}" autocomplete="off" spellcheck="false"></label>
            @elseif ($what === 'warning' || $what === 'slip-to-find')
                <label>{{ __('lesson.slip-label') }} <x-slip-choice :chosen="$own['slip'] ?? ''" /></label>
                <label>{{ __($what === 'warning' ? 'lesson.problem-bites'
                    : 'lesson.problem-slipped') }} <input class="input maths-input" name="problem"
                    value="{{ $own['problem'] ?? '' }}" autocomplete="off" spellcheck="false"></label>
            @else
                @if ($sets !== [])
                    <label>{{ __('lesson.kept-set') }} <select class="input" name="kept">
                        <option value="">{{ __('lesson.picked-set') }}</option>
                        @foreach ($sets as [$id, $name, $count])
                            <option value="{{ $id }}" @selected(($own['kept'] ?? '') === (string) $id)>{{ $name }},
                                {{ trans_choice('sets.problems', $count) }}</option>
                        @endforeach
                    </select></label>
                @endif
                @include('lessons.set-fields', ['skill' => $own['skill'] ?? '', 'rungs' => $own['rungs'] ?? '1',
                    'count' => $own['count'] ?? '8', 'seed' => $own['seed'] ?? '1',
                    'defaults' => $own['defaults'] ?? \Runel\Style\HouseStyle::DEFAULTS])
            @endif
            <button class="button" id="add-{{ $what }}-go">{{ __('lesson.add-go') }}</button>
        </form>
    </details>
@endforeach
