<x-masthead>
    <h1 class="board-problem" tabindex="0">{!!
        $page->maths($found->letters->board->demonstration->task->problem->node) !!}</h1>
    <p class="board-method">{{ __('formula.title') }}</p>
</x-masthead>
@php($sides = ['letters' => [$found->letters, $found->standing()->left],
    'numbers' => [$found->numbers, $found->standing()->right]])
<main id="work" class="ways-desk">
    @foreach ($sides as $side => [$way, $step])
        <section class="way is-beside" aria-label="{{ __("formula.$side") }}">
            <h2 class="way-side">{{ __("formula.$side") }}</h2>
            @if ($side === 'numbers')
                <x-own-equation room="letters" :found="$found" />
            @else
                <p class="way-cost">{{ __('formula.lead') }}</p>
            @endif
            <p class="way-advice">@if ($side === 'letters')<a href="{{ $found->address->to('formula',
                ['step' => null]) }}">{{ __('formula.reasons') }}</a>@elseif ($found->isOurs){{ __('formula.ours') }}
                @endif</p>
            <div class="way-sheet" tabindex="0">
                @foreach (array_slice($way->chain(), -4) as $line)
                    {!! $page->line($line) !!}
                @endforeach
                @if ($step !== null)
                    @foreach ($way->sideWork() as $line)
                        {!! $page->line($line, now: true) !!}
                    @endforeach
                @endif
            </div>
            <div class="way-said">
                @if ($step === null)
                    <p class="way-why">{{ __("formula.nothing-$side") }}</p>
                @else
                    <h2 class="way-what">{!! $page->say($step->title) !!}</h2>
                    <p class="way-why">{!! $page->say($step->why) !!}</p>
                @endif
            </div>
            <p class="way-place"><span>{{ __('ui.step-of', ['step' => $found->row,
                'steps' => $found->count()]) }}</span></p>
        </section>
    @endforeach
</main>
<nav class="pen-bar" aria-label="{{ __('ui.together') }}">
    @foreach ([['pen-first', 'Home', __('ui.first'), $found->at(1)], ['pen-back', '←', __('ui.back-both'),
        $found->moved(-1)], ['pen-next', '→', __('ui.next-both'), $found->moved(1)], ['pen-all', 'End', __('ui.all'),
        $found->at($found->count())]] as [$id, $key, $name, $link])
        <a id="{{ $id }}" @class(['pen', 'is-main' => $id === 'pen-next']) href="{{ $link }}" hx-get="{{ $link }}"
            hx-target="#ways" hx-push-url="true">{{ $name }} <kbd>{{ $key }}</kbd></a>
    @endforeach
    <span class="pen-gap"></span>
    <a id="pen-another" class="pen"
        href="{{ $found->address->to('bench', ['step' => null, 'method' => null]) }}">{{ __('ui.another') }}
        <kbd>w</kbd></a>
</nav>
