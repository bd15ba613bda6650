<x-page :title="__('pile.title')" body="pile">
    <x-masthead here="marking">
        <x-style-link :place="[]" />
    </x-masthead>
    <main id="work" class="pile-desk" tabindex="0">
        <form action="{{ route('mark-pile', [], false) }}" method="post" enctype="multipart/form-data" id="pile">
            @if ($pile === null)
                @include('marking-pile.hand-in')
            @else
                @include('marking-pile.marked')
                <details class="pile-again">
                    <summary>{{ __('pile.again') }}</summary>
                    @include('marking-pile.hand-in')
                </details>
            @endif
        </form>
    </main>
</x-page>
