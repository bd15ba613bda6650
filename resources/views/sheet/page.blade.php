@inject('faces', 'App\Faces\Faces')
@inject('figures', 'App\Figures\Figures')
@php($style = $address->style)
@php($say = $faces->html($style))
@php($maths = $faces->mathematics($style))
<x-page :title="$demonstration->problem->source" body="paper">
    <main id="work" class="print-sheet">
        <p class="print-tools"><a class="button" href="{{ $address->to('/board', ['step' => 'last']) }}">{{ __('ui.to-board') }}</a> <button type="button" class="button" id="print-now">{{ __('ui.print') }}</button></p>
        <header class="print-head">
            <h1>{!! $maths->html($demonstration->problem->node) !!}</h1>
            <p>{{ $say->word('name.method.' . $demonstration->method) }}</p>
        </header>
        @foreach ($demonstration->sections as $section)
            <section>
                <h2>{{ $say->word('name.phase.' . $section->phase->value) }}</h2>
                @foreach ($section->steps as $step)
                    <article class="print-step">
                        <div class="print-work">
                            @foreach ($step->lines as $line)
                                <x-line :line="$line" :maths="$maths" />
                            @endforeach
                            @if ($step->figure !== null && $loop->last)
                                <figure class="figure">{!! $figures->svg($step->figure, $style) !!}</figure>
                            @endif
                        </div>
                        <p class="print-why"><strong>{!! $say->say($step->title) !!}.</strong> {!! $say->say($step->why) !!}</p>
                    </article>
                @endforeach
            </section>
        @endforeach
        <section>
            <h2>{{ $say->word('name.phase.checking') }}</h2>
            @foreach ($demonstration->checks as $check)
                <article class="print-step">
                    <div class="print-work">@foreach ($check->lines as $line)<x-line :line="$line" :maths="$maths" />@endforeach</div>
                    <p class="print-why"><strong>✓ {!! $say->say($check->title) !!}.</strong> {!! $say->say($check->why) !!}</p>
                </article>
            @endforeach
        </section>
    </main>
</x-page>
