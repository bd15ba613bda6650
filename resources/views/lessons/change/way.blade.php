<label>{{ __($field === 'method' ? 'lesson.way-label' : 'lesson.other-label') }}
    <select class="input" name="{{ $field }}">
    @foreach ($ways($worked) as $method)
        <option value="{{ $method }}"
            @selected($method === $chosen)>{{ $page->methodName($worked->job, $method) }}</option>
    @endforeach
</select></label>
