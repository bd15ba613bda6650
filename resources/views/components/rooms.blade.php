@props(['here'])
@php($rooms = ['bench' => 'ui.bench', 'sets' => 'sets.title', 'lessons' => 'lesson.title',
    'learners' => 'learner.title', 'marking' => 'pile.title', 'tutor' => 'door.title'])
@if ($here !== null)
    <nav class="room-links" aria-label="{{ __('ui.rooms') }}">
        @foreach ($rooms as $room => $name)
            <a href="{{ \App\Address\Paths::of($room) }}" id="to-{{ $room }}"
                @class(['room-link', 'is-here' => $here === $room])
                @if ($here === $room) aria-current="page" @endif>{{ __($name) }}</a>
        @endforeach
    </nav>
@endif
<details class="rooms" id="rooms">
    <summary class="rooms-open" id="pen-rooms">{{ __('ui.rooms') }} <kbd>m</kbd></summary>
    <ol class="rooms-leaf">
        @foreach ($rooms as $room => $name)
            <li><a href="{{ \App\Address\Paths::of($room) }}" class="rooms-row" data-digit="{{ $loop->iteration }}"
                @if ($here === $room) aria-current="page" @endif>{{ __($name) }}
                <kbd>{{ $loop->iteration }}</kbd></a></li>
        @endforeach
    </ol>
</details>
