@props(['skill', 'rung'])
<span class="rung-skill">{{ __("practice.skill.$skill") }}</span>
    <span class="hint">{{ __('sets.rung', ['number' => $rung->number]) }}:
    {{ $rung->adds === null ? __('practice.simplest') : '+ ' . __('practice.adds.' . $rung->adds->value) }}</span>
