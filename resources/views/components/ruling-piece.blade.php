@props(['ruling', 'name', 'form' => null])
<label>{{ __('ruling.piece') }} <select class="input" name="{{ $name }}" @if ($form !== null) form="{{ $form }}" @endif>
    @foreach (['' => 'judged', 'right' => 'right', 'wrong' => 'wrong', 'apart' => 'apart'] as $value => $word)
        <option value="{{ $value }}" @selected(($ruling->piece ?? '') === $value)>{{ __("ruling.$word") }}</option>
    @endforeach
</select></label>
