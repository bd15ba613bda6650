<x-page :title="__('slates.title')" body="slates">
    <x-masthead>
        <p class="board-method">{{ __('slates.title') }} · {{ $room->code }}</p>
    </x-masthead>
    <x-told />
    @include('live-room.heard')
    <p id="announce" class="unseen" aria-live="polite"></p>
</x-page>
