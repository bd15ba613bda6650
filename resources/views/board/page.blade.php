<x-page :title="$board->demonstration->task->problem->source"
    :body="'board' . ($board->address->present ? ' presenting' : '')">
    <div id="board" data-presenting="{{ $board->address->present ? '1' : '0' }}">@include('board.board')</div>
    @include('board.pen-tools')
    <p id="announce" class="unseen" aria-live="polite"></p>
    @include('board.help')
</x-page>
