<h2 class="ladder-name">{{ __('practice.skill.' . $ladder->ladder->skill()) }}</h2>
<input type="hidden" name="skill" value="{{ $ladder->ladder->skill() }}">
<x-rungs :ladder="$ladder" />
<p class="ladder-range">
    <label>{{ __('sets.wish.method') }} <select class="input" name="wish[method]"><option
        value="">{{ __('sets.any') }}</option>
        @foreach ($ladder->methods as $method)
            <option value="{{ $method }}">{{ $page->methodName($ladder->ladder->job(), $method) }}</option>
        @endforeach
    </select></label>
    <label>{{ __('sets.rungs') }} <input class="input" name="rung" value="1-{{ count($ladder->examples) }}"
        maxlength="5" aria-describedby="rung-hint"></label>
    <span class="hint" id="rung-hint">{{ __('sets.rungs-hint') }}</span>
</p>
