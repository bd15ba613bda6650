<h2 class="ladder-name">{{ __('practice.skill.' . $ladder->ladder->skill()) }}</h2>
<input type="hidden" name="skill" value="{{ $ladder->ladder->skill() }}">
<x-rungs :ladder="$ladder" counted :each="$query->picks === [] ? 2 : 0" />
<p class="hint">{{ __('sets.rungs-hint') }}</p>
<p class="sets-make">
    @php($does = $query->picks === [] ? 'make' : 'add')
    <button class="button ask-go foot-main" id="make" data-one="{{ __("sets.$does-one") }}"
        data-many="{{ __("sets.$does-many") }}" data-none="{{ __('sets.make-none') }}">{{ __("sets.$does") }}</button>
    @if ($query->picks !== [])
        <button class="button" name="anew" value="1" id="anew">{{ __('sets.anew') }}</button>
    @endif
</p>
<details class="wishes" @if ($query->wishes !== []) open @endif>
    <summary>{{ __('sets.wishes') }}</summary>
    <label>{{ __('sets.wish.method') }} <select class="input" name="wish[method]"><option
        value="">{{ __('sets.any') }}</option>
        @foreach ($ladder->methods as $method)
            <option value="{{ $method }}" @selected(($query->wishes['method']
                ?? '') === $method)>{{ $page->methodName($ladder->ladder->job(), $method) }}</option>
        @endforeach
    </select></label>
    @foreach (['letters', 'largest', 'trials'] as $wish)
        <label>{{ __("sets.wish.$wish") }} <input class="input" name="wish[{{ $wish }}]"
            value="{{ $query->wishes[$wish] ?? '' }}" maxlength="40" autocomplete="off"></label>
    @endforeach
    @foreach (['trap', 'slip'] as $wish)
        <label>{{ __("sets.wish.$wish") }} <select class="input" name="wish[{{ $wish }}]"><option
            value="">{{ __('sets.any') }}</option>
            @foreach ($ladder->slips as $slip)
                <option value="{{ $slip->value }}" @selected(($query->wishes[$wish] ?? '') === $slip->value)>{{
                    $page->plain(\Runel\Message\Message::of("slip.$slip->value.name")) }}</option>
            @endforeach
        </select></label>
    @endforeach
    <label class="wish-whole"><input type="checkbox" name="wish[whole]" value="yes"
        @checked(($query->wishes['whole'] ?? '') === 'yes')> {{ __('sets.wish.whole') }}</label>
    <label>{{ __('sets.seed') }} <input class="input" name="seed" value="{{ $query->seed }}"
        inputmode="numeric" maxlength="9"></label>
    <p class="hint">{{ __('sets.seed-hint') }}</p>
</details>
