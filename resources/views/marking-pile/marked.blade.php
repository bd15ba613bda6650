<section class="pile-tally" aria-labelledby="tally">
    <h1 id="tally">{{ __('pile.slips') }}</h1>
    <p class="hint">{{ trans_choice('pile.pieces', count($pile->pieces)) }}</p>
    @if ($pile->left > 0)
        <p class="notice is-bad" role="status">{{ trans_choice('pile.left', $pile->left, ['limit' => \App\Pile\Pile::MOST_LINES]) }}</p>
    @endif
    @if ($pile->tallies === [])
        <p class="notice" role="status">{{ __('pile.no-slips') }}</p>
    @else
        <div class="tally-both">
            {!! \App\Pile\TallyChart::svg(array_map(fn($tally) => [$page->plain(\Runel\Message\Message::of("slip.{$tally->slip->value}.name")), $tally->times], $pile->tallies), __('pile.slips')) !!}
            @include('marking-pile.tally')
        </div>
        <p class="teach-next"><strong>{{ __('pile.teach-next') }}:</strong> {!! $page->word("slip.{$pile->tallies[0]->slip->value}.watch") !!} <a href="{{ route('sets', ['against' => $pile->tallies[0]->slip->value, 'job' => $pile->jobOf($pile->tallies[0]->slip)], false) }}">{{ __('sets.against') }}</a></p>
    @endif
    <p class="pile-take" role="group" aria-label="{{ __('pile.take') }}"><span class="margin-label">{{ __('pile.take') }}</span> <button class="button" name="format" value="print">{{ __('pile.print') }}</button> <button class="button" name="format" value="csv">CSV</button> <button class="button" name="format" value="md">Markdown</button> <button class="button" name="format" value="json">JSON</button> <button class="button" id="to-records" formaction="{{ route('learners.pile', [], false) }}">{{ __('learner.to-records') }}</button></p>
</section>
@foreach ($pile->pieces as $place => $piece)
    <section class="piece" aria-labelledby="piece-{{ $place }}">
        @include('marking-pile.piece')
        <div class="piece-own" role="group" aria-label="{{ __('pile.own') }}">
            <label>{{ __('pile.mark') }} <input class="input" name="mark[{{ $place }}]" value="{{ $piece->mark }}" maxlength="20" autocomplete="off"></label>
            <label class="piece-remark">{{ __('pile.remark') }} <input class="input" name="remark[{{ $place }}]" value="{{ $piece->remark }}" maxlength="400" autocomplete="off"></label>
        </div>
    </section>
@endforeach
