<x-page :title="__('pile.title')" body="paper">
    <main id="work" class="print-sheet pile-print">
        <div class="print-tools"><button type="button" class="button" id="print-now">{{ __('ui.print') }}</button></div>
        @if ($pile->tallies !== [])
            <section class="print-tally">
                <h1>{{ __('pile.slips') }}</h1>
                @include('marking-pile.tally')
            </section>
        @endif
        @foreach ($pile->pieces as $place => $piece)
            <section class="piece">
                @include('marking-pile.piece')
                @if ($piece->mark !== '')
                    <p><strong>{{ __('pile.mark') }}:</strong> {{ $piece->mark }}</p>
                @endif
                @if ($piece->remark !== '')
                    <p><strong>{{ __('pile.remark') }}:</strong> {{ $piece->remark }}</p>
                @endif
            </section>
        @endforeach
    </main>
</x-page>
