@props(['here'])
<nav class="tutor-rooms" aria-label="{{ __('door.title') }}">
    @foreach (['lessons' => 'lesson.title', 'learners' => 'learner.title', 'handing' => 'handed.title',
        'tutor' => 'door.title'] as $room => $name)
        <a href="{{ route($room, [], false) }}" @class(['tutor-room', 'is-here' => $here === $room])
            @if ($here === $room) aria-current="page" @endif>{{ __($name) }}</a>
    @endforeach
</nav>
