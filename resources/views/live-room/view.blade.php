<x-page :title="__('slates.title')" body="slates-view">
    @include('live-room.shown')
</x-page>
