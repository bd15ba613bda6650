@props(['room', 'typed'])
@php($isUp = $room->put_up === $typed)
<form action="{{ route('rooms.change', ['room' => $room->id], false) }}" method="post">
    @csrf
    @method('PUT')
    <button class="button is-small" name="put-up" value="{{ $isUp ? '' : $typed }}"
        aria-pressed="{{ $isUp ? 'true' : 'false' }}">{{ __($isUp ? 'slates.take-down' : 'slates.put-up') }}</button>
</form>
