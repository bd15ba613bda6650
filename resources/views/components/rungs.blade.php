@props(['ladder', 'taken' => null])
<ol class="ladder" reversed tabindex="0" aria-label="{{ __('practice.skill.' . $ladder->ladder->skill()) }}">
    @foreach (array_reverse($ladder->examples) as $example)
        <li @class(['ladder-rung', 'is-taken' => $example->rung->number === $taken])>
            <span class="ladder-number">{{ $example->rung->number }}</span>
            <span class="ladder-adds">{{ $example->rung->adds === null ? __('practice.simplest') : '+ '
                . __('practice.adds.' . $example->rung->adds->value) }}</span>
            <span class="ladder-example"><x-problem :demonstration="$example->demonstration" /></span>
        </li>
    @endforeach
</ol>
