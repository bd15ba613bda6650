<x-page :title="__('turn.title') . ': ' . $turn->task->problem->source"
    :body="'turn' . ($turn->query->stage === null ? '' : ' presenting')">
    <div id="turn">@include($part)</div>
    <p id="announce" class="unseen" aria-live="polite"></p>
    @include('your-turn.help')
</x-page>
