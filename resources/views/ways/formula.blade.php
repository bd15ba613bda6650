<x-page :title="__('formula.title-reasons')" body="compares">
    <x-masthead>
        <p class="board-method">{{ __('formula.title-reasons') }}</p>
    </x-masthead>
    <main id="work" class="compare-desk formula-desk">
        <div class="formula-head">
            <h1 class="formula-itself" aria-label="{{ __('formula.itself') }}">{!!
                $page->maths($found->letters->board->demonstration->answer->node()) !!}</h1>
            <x-own-equation room="formula" :found="$found" />
        </div>
        @if ($found->isOurs)<p class="notice" role="status">{{ __('formula.ours') }}</p>@endif
        <div class="formula-body">
            <ol class="formula-reasons">
                @foreach ($found->reasons() as $reason => [$letters, $numbers])
                    <li class="formula-reason">
                        <h2>{{ __("formula.reason.$reason.title") }}</h2>
                        <p>{!! $page->say($found->why($reason)) !!}</p>
                        <div class="formula-pair">
                            <p class="formula-line">{!! $page->maths($letters->node) !!}</p>
                            <p class="formula-line">@if ($numbers === null)<span class="hint">{{
                                __('formula.nothing-numbers') }}</span>@else{!! $page->maths($numbers->node) !!}@endif
                            </p>
                        </div>
                    </li>
                @endforeach
            </ol>
            @if ($found->curve() !== null)
                <figure class="figure formula-curve">{!! $page->figure($found->curve()) !!}
                    <figcaption class="hint">{!! $page->say($found->atCurve()) !!}</figcaption></figure>
            @endif
        </div>
        <p class="compare-back"><a class="button ask-go" href="{{ $found->at(1) }}">{{ __('formula.step') }}</a>
            <a class="button" href="{{ $found->address->to('board', ['job' => 'solve', 'method' => 'formula',
                'step' => 1]) }}">{{ __('formula.board') }}</a></p>
    </main>
</x-page>
