<x-page :title="__('why.title')">
    <x-masthead />
    <main id="work" class="why-page">
        <h1>{{ __('why.title') }}</h1>
        @include('board.why')
        <p><a class="button" href="{{ $board->link($board->shown) }}">{{ __('ui.to-board') }}</a></p>
    </main>
</x-page>
