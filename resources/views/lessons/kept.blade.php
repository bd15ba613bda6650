@php($model = $lesson->lesson)
<x-page :title="$model->name" body="lessons" :scripts="['vendor/sortable.js']">
    <x-masthead here="lessons">
        <x-style-link :place="[]" />
    </x-masthead>
    <main id="work" class="lessons-desk" tabindex="0">
        <section class="lesson-order" aria-labelledby="lesson-about">
            <h1 class="unseen">{{ $model->name }}</h1>
            <h2 id="lesson-about" class="margin-label">{{ __('lesson.about') }}</h2>
            <form action="{{ route('lessons.rename', ['lesson' => $model->id], false) }}" method="post">
                @csrf
                @method('PUT')
                <input type="hidden" name="version" value="{{ $model->version }}">
                <label>{{ __('lesson.name') }} <input class="input" name="name" id="lesson-name"
                    value="{{ $typed['name'] ?? $model->name }}" maxlength="500"></label>
                <div class="lesson-numbers">
                    <label>{{ __('lesson.minutes-label') }} <input class="input" name="minutes"
                        value="{{ isset($typed['name']) ? $typed['minutes'] ?? '' : $model->minutes }}"
                        inputmode="numeric"></label>
                    <label>{{ __('lesson.wide-label') }} <input class="input" name="wide"
                        value="{{ $typed['wide'] ?? $model->wide }}" inputmode="numeric"></label>
                    <label>{{ __('lesson.high-label') }} <input class="input" name="high"
                        value="{{ $typed['high'] ?? $model->high }}" inputmode="numeric"></label>
                </div>
                <label>{{ __('lesson.held-at') }} <input class="input" type="datetime-local" name="held_at"
                    value="{{ $typed['held_at'] ?? $model->held_at?->format('Y-m-d\\TH:i') }}"></label>
                @php($differs = count($model->style->chosen()))
                <x-give-style :names="$styles" :label="__('lesson.restyle')" />
                <p class="hint">{{ $differs === 0 ? __('lesson.style-usual') : trans_choice('lesson.style-own',
                    $differs) }}</p>
                <button class="button" id="save-lesson">{{ __('lesson.save') }}</button>
            </form>
            <h2 class="margin-label lesson-adding">{{ __('lesson.add') }}</h2>
            @include('lessons.adding')
            <h2 class="margin-label lesson-adding">{{ __('lesson.log') }}</h2>
            @if (($plays = $model->plays()->readable()->get())->isEmpty())
                <p class="hint">{{ __('lesson.log-none') }}</p>
            @endif
            <ul>
                @foreach ($plays as $play)
                    <li><a class="plain-link"
                        href="{{ route('plays.show', ['play' => $play->id], false) }}">{{ __('lesson.log-started',
                        ['moment' => $play->started_at->isoFormat('ddd D MMM YYYY, H:mm')]) }}</a></li>
                @endforeach
            </ul>
            <form action="{{ route('lessons.remove', ['lesson' => $model->id], false) }}" method="post"
                class="lesson-adding">
                @csrf
                @method('DELETE')
                <details class="tutor-more"><summary>{{ __('lesson.remove') }}</summary><button
                    class="button is-danger-plain" id="remove-lesson">{{ __('lesson.remove') }}</button></details>
            </form>
        </section>
        <section class="lesson-plan" id="plan" aria-labelledby="lesson-plan">@include('lessons.build')</section>
    </main>
</x-page>
