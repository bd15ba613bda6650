@php($differs = count($learner->style->chosen()))
<h2 class="margin-label">{{ __('learner.about', ['name' => $learner->name]) }}</h2>
<form action="{{ route('learners.change', ['learner' => $learner->id], false) }}" method="post" class="tutor-form">
    @csrf
    @method('PUT')
    <input type="hidden" name="version" value="{{ $learner->version }}">
    <label>{{ __('learner.name') }} <input class="input" name="name"
        value="{{ $typed['name'] ?? $learner->name }}"></label>
    <label>{{ __('learner.note') }} <textarea class="textarea" name="note"
        rows="4">{{ $typed['note'] ?? $learner->note }}</textarea></label>
    <label>{{ __('learner.daily') }} <input class="input is-number" name="daily"
        value="{{ $typed['daily'] ?? $learner->daily }}" inputmode="numeric" maxlength="2"></label>
    @if ($groups !== [])
        <fieldset>
            <legend>{{ __('learner.groups') }}</legend>
            @foreach ($groups as $group)
                <label class="tutor-check"><input type="checkbox" name="groups[]" value="{{ $group->id }}"
                    @checked($learner->groups->contains('id', $group->id))> {{ $group->name }}</label>
            @endforeach
        </fieldset>
    @endif
    <p class="hint">{{ $differs === 0 ? __('learner.style-usual') : trans_choice('learner.style-own', $differs) }}</p>
    <x-give-style :names="$styles" :label="__('learner.restyle')" />
    <button class="button ask-go" id="save-learner">{{ __('learner.save') }}</button>
</form>
@inject('addresses', 'App\Learners\Handings')
@if ($handings !== [])
    <h2 class="margin-label">{{ __('handed.made') }}</h2>
    <ul>
        @foreach ($handings as $handing)
            <li class="handing">{{ trans_choice('sets.problems', count($handing->references())) }},
                {{ __('handed.until', ['moment' => $handing->expires_at->isoFormat('ddd D MMM, H:mm')]) }}
                @if ($handing->expires_at->isFuture())<a class="plain-link"
                    href="{{ $addresses->address($handing) }}">{{ __('handed.open-here') }}</a>@endif
                <form action="{{ route('handing.back', ['handing' => $handing->id], false) }}" method="post">@csrf
                    @method('DELETE')<button class="button is-small">{{ __('handed.take-back') }}</button></form></li>
        @endforeach
    </ul>
@endif
<h2 class="margin-label">{{ __('learner.hand-over') }}</h2>
<p class="made-take">@foreach (['json' => 'JSON', 'csv' => 'CSV', 'ics' => 'iCalendar'] as $extension => $name)<a
    class="button is-small" href="{{ route('learners.file', ['learner' => $learner->id, 'extension' => $extension],
    false) }}">{{ $name }}</a> @endforeach</p>
<p><a class="button is-small" id="farewell"
    href="{{ route('learners.farewell', ['learner' => $learner->id], false) }}">{{ __('learner.delete',
    ['name' => $learner->name]) }}</a></p>
