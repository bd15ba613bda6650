@props(['lesson', 'formats'])
<p class="made-take" role="group" aria-label="{{ __('sets.take') }}">
    @foreach (['plan', 'worked', 'faded', 'blank'] as $kind)
        <a class="button is-small" href="{{ $lesson->sheet($kind) }}">{{ __("lesson.for.$kind") }}</a>
    @endforeach
    @foreach ($formats as $extension => $name)
        <a class="button is-small" href="{{ $lesson->file($extension) }}">{{ $name }}</a>
    @endforeach
</p>
