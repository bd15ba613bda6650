<h2 id="lesson-plan">{{ __('lesson.kept-title') }}</h2>
@if ($kept === [])
    <p class="hint">{{ __('lesson.none-kept') }}</p>
@endif
<ul class="kept-lessons">
    @foreach ($kept as $one)
        <li class="kept-lesson">
            <a class="kept-lesson-name"
                href="{{ route('lessons.show', ['lesson' => $one->id], false) }}">{{ $one->name }}</a>
            <span class="hint">{{ $one->held_at === null ? '' : $one->held_at->isoFormat('ddd D MMM YYYY, H:mm')
                . ' · ' }}{{ trans_choice('lesson.items', is_array($one->items) ? count($one->items) : 0) }} ·
                {{ $one->minutes }} min @if ($one->plays_count > 0) ·
                {{ trans_choice('lesson.played', $one->plays_count) }}@endif</span>
        </li>
    @endforeach
</ul>
@if (array_filter($kept, fn($one) => $one->held_at !== null) !== [])
    <p class="made-take"><a class="button is-small"
        href="{{ route('lessons.calendar', [], false) }}">{{ __('lesson.all-dates') }}</a></p>
@endif
<details class="tutor-more" @if (old('name') !== null) open @endif>
    <summary>{{ __('lesson.empty') }}</summary>
    <form action="{{ route('lessons.store', [], false) }}" method="post" class="tutor-form">
        @csrf
        <label>{{ __('lesson.name') }} <input class="input" name="name" value="{{ old('name') }}" required></label>
        <button class="button ask-go" id="begin-empty">{{ __('lesson.empty') }}</button>
    </form>
</details>
<details class="tutor-more" @if (old('text') !== null) open @endif>
    <summary>{{ __('lesson.bring-in') }}</summary>
    <form action="{{ route('lessons.import', [], false) }}" method="post" enctype="multipart/form-data"
        class="tutor-form">
        @csrf
        <label>{{ __('lesson.file') }} <x-file-field accept=".json,.md,application/json,text/markdown" /></label>
        <label>{{ __('lesson.file-text') }} <textarea class="textarea" name="text" rows="5"
            spellcheck="false">{{ old('text') }}</textarea></label>
        <button class="button" id="bring">{{ __('lesson.bring') }}</button>
    </form>
</details>
