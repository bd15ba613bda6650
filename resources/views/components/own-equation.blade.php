@props(['room', 'found'])
{{-- The equation whose numbers stand beside the letters: anybody's own. --}}
<form class="own-equation" action="{{ route($room, [], false) }}" method="get">
    @foreach ($found->address->query(['step' => null, 'problem' => null]) as $name => $value)
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
    @endforeach
    <label>{{ __('formula.own') }}<input class="input" name="problem"
        value="{{ $found->address->problem() }}" maxlength="300" autocomplete="off" autocapitalize="off"
        spellcheck="false"></label>
    <button class="button is-small">{{ __('formula.take') }}</button>
</form>
