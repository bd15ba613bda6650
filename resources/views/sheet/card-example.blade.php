<section class="card-example">
    <h2>{{ __('card.example') }}: {!! $page->maths($card->demonstration->task->problem->node) !!}</h2>
    @php($number = 0)
    @foreach ($sheet->sections() as $section)
        @foreach ($section->steps as $step)
            @php($done = $card->doneBy(++$number))
            @if ($step->lines !== [] || $sheet->showsFigure($section, $step))
                <article class="print-step" data-step="{{ $done }}">
                    <p class="card-done" aria-hidden="true">{{ $done }}</p>
                    <div class="print-work">
                        @foreach ($step->lines as $line)
                            {!! $page->line($line) !!}
                        @endforeach
                        @if ($sheet->showsFigure($section, $step))
                            <figure class="figure">{!! $page->figure($step->figure) !!}</figure>
                        @endif
                    </div>
                </article>
            @endif
        @endforeach
    @endforeach
</section>
