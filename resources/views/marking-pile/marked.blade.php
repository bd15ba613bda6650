<section class="pile-tally" aria-labelledby="tally">
    <h1 id="tally">{{ __('pile.slips') }}</h1>
    <p class="hint">{{ trans_choice('pile.pieces', count($pile->pieces)) }}</p>
    <input type="hidden" name="from" value="{{ $pile->from }}">
    @if ($pile->from > 0)
        <p class="notice" role="status"><button class="button" id="from-first" name="from"
            value="0">{{ __('pile.from-first') }}</button></p>
    @endif
    @if ($pile->left > 0)
        <p class="notice"
            role="status">{{ trans_choice('pile.left', $pile->left, ['first' => $pile->from + 1,
            'last' => $pile->next()]) }} <button class="button" id="go-on" name="from"
            value="{{ $pile->next() }}">{{ __('pile.go-on') }}</button></p>
    @endif
    @if ($pile->tallies === [])
        <p class="notice" role="status">{{ __('pile.no-slips') }}</p>
    @else
        <div class="tally-both">
            {!! \App\Pile\TallyChart::svg(array_map(fn($tally) =>
                [$page->plain(\Runel\Message\Message::of("slip.{$tally->slip->value}.name")), $tally->times],
                $pile->tallies), __('pile.slips')) !!}
            @include('marking-pile.tally')
        </div>
        <p class="teach-next"><strong>{{ __('pile.teach-next') }}:</strong>
            {!! $page->word("slip.{$pile->tallies[0]->slip->value}.watch") !!}
            <a href="{{ route('sets', ['against' => $pile->tallies[0]->slip->value,
            'job' => $pile->jobOf($pile->tallies[0]->slip)], false) }}">{{ __('sets.against') }}</a></p>
    @endif
    <p class="pile-take" role="group" aria-label="{{ __('pile.take') }}"><span
        class="margin-label">{{ __('pile.take') }}</span> <button class="button" name="format" value="print"
        formtarget="_blank">{{ __('pile.print') }}</button> <button class="button" name="format"
        value="csv">CSV</button> <button class="button" name="format" value="md">Markdown</button>
        <button class="button" name="format" value="json">JSON</button>
        <button class="button" id="count-anew">{{ __('pile.count-anew') }}</button>
        <button class="button" id="to-records"
        formaction="{{ route('learners.pile', [], false) }}">{{ __('learner.to-records') }}</button></p>
</section>
<p class="hint" id="pile-draft" data-pile-draft="{{ substr(hash('xxh64', $text . "\n" . $common), 0, 12) }}"
    hidden>{{ __('pile.draft') }} <button type="button" class="button is-small"
    id="draft-clear">{{ __('pile.draft-clear') }}</button></p>
@foreach ($pile->pieces as $place => $piece)
    <section class="piece" aria-labelledby="piece-{{ $place }}">
        @include('marking-pile.piece', ['rules' => true])
        <div class="piece-own" role="group" aria-label="{{ __('pile.own') }}">
            <x-ruling-piece :ruling="$piece->ruling" :name="'rule[' . $place . '][piece]'" />
            @if ($piece->marks !== null)
                <p class="piece-proposed"><span class="margin-label">{{ __('pile.proposed') }}</span>
                    {{ \App\Pile\MarksSaid::line($piece->marks, $page->plain(...)) }}
                    <button type="button" class="button is-small" data-take-mark="mark-{{ $place }}"
                        data-mark="{{ \App\Pile\MarksSaid::whole($piece->marks, $page->plain(...))
                        }}">{{ __('pile.proposed-take') }}</button></p>
            @endif
            <label>{{ __('pile.mark') }} <input id="mark-{{ $place }}" class="input" name="mark[{{ $place }}]"
                value="{{ $piece->mark }}" maxlength="20" autocomplete="off"></label>
            <label class="piece-remark">{{ __('pile.remark') }} <input class="input" name="remark[{{ $place }}]"
                value="{{ $piece->remark }}" maxlength="400" autocomplete="off"></label>
        </div>
    </section>
@endforeach
