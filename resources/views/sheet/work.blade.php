@foreach ($sheet->sections() as $section)
    <section>
        <h2>{{ $page->say($section->title()) }}</h2>
        @foreach ($sheet->steps($section) as $step)
            <article class="print-step">
                <div class="print-work">
                    @foreach ($step->lines as $line)
                        @if ($sheet->isBlank($step))
                            <p class="print-blank" aria-label="{{ __('ui.blank') }}"></p>
                        @else
                            {!! $page->line($line, thing: \App\Board\Thing::line($step, $line)) !!}
                        @endif
                    @endforeach
                    @if ($sheet->isBlank($step) && $step->lines === [] && $step->question !== null)
                        <p class="print-blank" aria-label="{{ __('ui.blank') }}"></p>
                    @endif
                    @if ($sheet->showsFigure($section, $step))
                        <figure data-thing="{{ \App\Board\Thing::figure($section->steps[0]) }}"
                            class="figure">{!! $page->figure($sheet->isBlank($step) ? $sheet->emptyFigure($section)
                            : $step->figure) !!}</figure>
                    @endif
                </div>
                @if (!$sheet->isBlank($step))
                    <p class="print-why"><strong>{!! $page->heading($step->title) !!}</strong>
                        {!! $page->say($step->why) !!}</p>
                @elseif ($sheet->hint($step) !== null)
                    <p class="print-why">{!! $page->say($sheet->hint($step)) !!}</p>
                @endif
            </article>
        @endforeach
    </section>
@endforeach
