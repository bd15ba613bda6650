@props(['names'])
{{-- Covered until asked for: somebody may be looking over the tutor's shoulder. --}}
<details class="today-who"><summary>{{ __('today.names') }}</summary>{{ $names }}</details>
