@props(['names', 'label'])
<label>{{ $label }} <select class="input" name="restyle">
    <option value="">{{ __('learner.style-as-is') }}</option>
    <option value="1">{{ __('learner.style-now') }}</option>
    @foreach ($names as $name)
        <option value="name:{{ $name }}">{{ $name }}</option>
    @endforeach
</select></label>
