<header class="piece-head">
    <h2 id="piece-{{ $place }}">@if ($piece->piece->learner !== '')<span
        class="piece-learner">{{ $piece->piece->learner }}</span> @endif
        @if ($piece->problem !== null){!! $page->maths($piece->problem->node) !!}@else<span
        class="marked-typed">{{ $piece->piece->problem }}</span>@endif</h2>
    @if ($piece->marking !== null)
        <p class="piece-state">@if ($piece->isRight())✓
            {{ __('ruling.counted-right') }}@elseif ($piece->marking->finished)✓ {{ __('pile.finished') }}@else○
            {{ __('pile.unfinished') }}:
            {{ $page->plain(\Runel\Message\Message::of('pile.wants.' . $piece->marking->wants->value)) }}@endif</p>
    @endif
</header>
@if ($piece->refusal !== null)
    <div class="refusal" role="alert">
        @if ($piece->refusal->at !== null)
            <x-pointed :typed="$piece->piece->problem" :at="$piece->refusal->at" />
        @endif
        <p class="refusal-reason">{!! $page->say($piece->refusal->reason) !!}</p>
    </div>
@endif
<ol class="turn-lines">
    @foreach ($piece->lines() as $line)
        <x-marked-line :line="$line" :before="$piece->lines()[$loop->index - 1] ?? null" full>
            @if (($rules ?? false) && ($line->verdict->fails() || $line->verdict->value === 'undecided'
                || isset($piece->ruling->lines[$loop->iteration])))
                <x-ruling-line :line="$line" :number="$loop->iteration" :ruling="$piece->ruling"
                    :name="'rule[' . $place . '][%s][%d]'" />
            @endif
        </x-marked-line>
    @endforeach
</ol>
