<form action="{{ route('learners.move', ['learner' => $learner->id], false) }}" method="post" class="return-move">
    @csrf
    <input type="hidden" name="rung" value="{{ $back->key() }}">
    <label>{{ __('learner.move') }} <input class="input is-small" type="date" name="due"
        value="{{ \App\Calendar\Day::date($from)->toDateString() }}"
        min="{{ \App\Calendar\Day::date($record->today)->toDateString() }}"></label>
    <button class="button is-small">{{ __('learner.move-go') }}<span class="unseen">:
        {{ __("practice.skill.{$back->skill}") }}, {{ $back->rung->number }}</span></button>
    <button class="button is-small" name="drop" value="1">{{ __('learner.drop') }}<span class="unseen">:
        {{ __("practice.skill.{$back->skill}") }}, {{ $back->rung->number }}</span></button>
</form>
