@props(['ladder', 'taken' => null, 'counted' => false, 'each' => 2])
<ol @class(['ladder', 'is-counted' => $counted]) reversed tabindex="0"
    aria-label="{{ __('practice.skill.' . $ladder->ladder->skill()) }}">
    @foreach (array_reverse($ladder->examples) as $example)
        @php($rung = $example->rung->number)
        <li @class(['ladder-rung', 'is-taken' => $rung === $taken])>
            <span class="ladder-number">{{ $rung }}</span>
            <span class="ladder-adds">{{ $example->rung->adds === null ? __('practice.simplest') : '+ '
                . __('practice.adds.' . $example->rung->adds->value) }}</span>
            <span class="ladder-example"><x-problem :demonstration="$example->demonstration" /></span>
            @if ($counted)
                <span class="rung-count" role="group" aria-label="{{ __('sets.rung-count', ['number' => $rung]) }}">
                    <button type="button" class="rung-less" data-by="-1" hidden
                        aria-label="{{ __('sets.fewer', ['number' => $rung]) }}">−</button>
                    <input class="input" name="rungs[{{ $rung }}]" value="{{ $each }}" inputmode="numeric" maxlength="2"
                        aria-label="{{ __('sets.rung-count', ['number' => $rung]) }}">
                    <button type="button" class="rung-more" data-by="1" hidden
                        aria-label="{{ __('sets.more', ['number' => $rung]) }}">+</button>
                </span>
            @endif
        </li>
    @endforeach
</ol>
