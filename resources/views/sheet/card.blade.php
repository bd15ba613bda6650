<x-page :title="$card->demonstration->task->problem->source" body="paper">
    <main id="work" class="print-sheet">
        <div class="print-tools">
            <a class="button" href="{{ $address->to('board') }}">{{ __('ui.to-board') }}</a>
            <button type="button" class="button" id="print-now">{{ __('ui.print') }}</button>
            <nav class="print-fades" aria-label="{{ __('card.title') }}">
                @foreach (['before' => null, 'after' => 'first'] as $which => $example)
                    <a @class(['option', 'is-taken' => $isExampleFirst === ($example !== null)])
                        href="{{ $address->to('card') }}{{ $example === null ? '' : '&example=first' }}"
                        @if ($isExampleFirst === ($example !== null)) aria-current="true"
                        @endif>{{ __("card.$which") }}</a>
                @endforeach
            </nav>
        </div>
        @php($how = $page->methodName($card->demonstration->job, $card->demonstration->method))
        <header class="print-head">
            <h1>{{ __('card.of', ['method' => $how]) }}</h1>
        </header>
        @includeWhen($isExampleFirst, 'sheet.card-example')
        <p class="hint print-tools">{{ __('card.lights') }}</p>
        <ol class="method-card">
            @foreach ($card->lines as $line)
                <li><button type="button" class="card-line" data-card="{{ $line->number }}"
                    aria-pressed="false">{!! $page->say($line->words) !!}</button></li>
            @endforeach
        </ol>
        @includeUnless($isExampleFirst, 'sheet.card-example')
    </main>
</x-page>
