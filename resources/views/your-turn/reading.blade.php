@if ($read->refusal !== null)
    <x-pointed :typed="$read->typed" :at="$read->refusal->at" />
    <p class="turn-refused">{!! $page->say($read->refusal->reason) !!}</p>
@elseif ($read->statement?->node !== null)
    <p class="line">{!! $page->maths($read->statement->node) !!}</p>
@elseif ($read->statement !== null)
    <p class="line">{{ __($read->statement->all === true ? 'turn.all-numbers' : 'turn.no-solution') }}</p>
@endif
