<x-page :title="$demonstration->task->problem->source" body="paper">
    <main id="work" class="print-sheet">
        <p class="print-tools"><a class="button" href="{{ $address->to('board', ['step' => 'last']) }}">{{ __('ui.to-board') }}</a> <button type="button" class="button" id="print-now">{{ __('ui.print') }}</button></p>
        <header class="print-head">
            <h1>{!! $page->maths($demonstration->task->problem->node) !!}</h1>
            <p>{{ $page->methodName($demonstration->job, $demonstration->method) }}</p>
        </header>
        @foreach ($demonstration->sections as $section)
            <section>
                <h2>{{ $page->say($section->title()) }}</h2>
                @foreach ($section->steps as $step)
                    <article class="print-step">
                        <div class="print-work">
                            @foreach ($step->lines as $line)
                                <x-line :line="$line" />
                            @endforeach
                            @if ($step->figure !== null && $loop->last)
                                <figure class="figure">{!! $page->figure($step->figure) !!}</figure>
                            @endif
                        </div>
                        <p class="print-why"><strong>{!! $page->say($step->title) !!}.</strong> {!! $page->say($step->why) !!}</p>
                    </article>
                @endforeach
            </section>
        @endforeach
        <section>
            <h2>{{ $page->word('name.phase.checking') }}</h2>
            @foreach ($demonstration->checks() as $check)
                <article class="print-step">
                    <div class="print-work">@foreach ($check->lines as $line)<x-line :line="$line" />@endforeach</div>
                    <p class="print-why"><strong>✓ {!! $page->say($check->title) !!}.</strong> {!! $page->say($check->why) !!}</p>
                </article>
            @endforeach
        </section>
    </main>
</x-page>
