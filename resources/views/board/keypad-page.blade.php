<x-page :title="__('ui.calculator.title')">
    <x-masthead />
    <main id="work" class="why-page">
        <h1>{{ __('ui.calculator.title') }}</h1>
        @include('board.keypad')
        <p><a class="button" href="{{ $board->link($board->shown) }}">{{ __('ui.to-board') }}</a></p>
    </main>
</x-page>
