<x-masthead>
    <h1 class="board-problem"
        tabindex="0">{!! $page->maths($ways->ways[0]->board->demonstration->task->problem->node) !!}</h1>
    <p class="board-method">{{ __('ui.two-ways') }}</p>
    @if ($ways->address->lesson !== null)
        <x-lesson-line :code="$ways->address->lesson" />
    @endif
</x-masthead>
<main id="work" class="ways-desk">
    @foreach ($ways->ways as $way)
        <section class="way" aria-label="{{ $page->methodName($way->job(), $way->method()) }}">
            <nav class="way-methods" aria-label="{{ __('ui.method') }}">
                @foreach ($ways->offers as $offer)
                    <a @class(['way-method', 'is-taken' => $offer->method->id() === $way->method()])
                        href="{{ $ways->to([$way->side => $offer->method->id(), $way->side . 'step' => 1]) }}"
                        @if ($offer->method->id() === $way->method()) aria-current="true"
                        @endif>{{ $page->methodName($offer->method->job(), $offer->method->id()) }}</a>
                @endforeach
            </nav>
            <p class="way-cost"><strong>{{ trans_choice('ui.steps', $way->forecast()->steps) }}</strong> ·
                {{ trans_choice('ui.products', $way->forecast()->products) }}@if ($way->forecast()->trials > 0) ·
                {{ trans_choice('ui.trials', $way->forecast()->trials) }}@endif ·
                {{ trans_choice('ui.lines', $way->lines()) }} · {{ trans_choice('ui.slips', $way->slips()) }}</p>
            <p class="way-advice">{!! $page->say($way->forecast()->advice) !!}</p>
            <div class="way-sheet" tabindex="0">
                @foreach (array_slice($way->chain(), $way->board->figure() === null ? -4 : -1) as $line)
                    {!! $page->line($line) !!}
                @endforeach
                @if ($way->board->figure() !== null)
                    <figure class="figure">{!! $page->figure($way->board->figure()) !!}</figure>
                @endif
                @foreach ($way->sideWork() as $line)
                    {!! $page->line($line, now: true) !!}
                @endforeach
            </div>
            <div class="way-said">
                <h2 class="way-what">{!! $page->say($way->board->stop()->content->title) !!}</h2>
                <p class="way-why">{!! $page->say($way->board->stop()->content->why) !!}</p>
            </div>
            <p class="way-place">
                <a class="pen is-small" href="{{ $ways->to([$way->side . 'step' => $way->reach(-1), 'alone' => 1]) }}"
                    hx-get="{{ $ways->to([$way->side . 'step' => $way->reach(-1), 'alone' => 1]) }}" hx-target="#ways"
                    hx-push-url="true" id="{{ $way->side }}-back">{{ __('ui.back') }}</a>
                <span>{{ __('ui.step-of', ['step' => $way->board->current,
                    'steps' => count($way->board->stops)]) }}</span>
                <a class="pen is-small" href="{{ $ways->to([$way->side . 'step' => $way->reach(1), 'alone' => 1]) }}"
                    hx-get="{{ $ways->to([$way->side . 'step' => $way->reach(1), 'alone' => 1]) }}" hx-target="#ways"
                    hx-push-url="true" id="{{ $way->side }}-next">{{ __('ui.next') }}</a>
            </p>
        </section>
    @endforeach
</main>
<nav class="pen-bar" aria-label="{{ __('ui.together') }}">
    @foreach ([['pen-first', 'Home', __('ui.first'), $ways->at('1')], ['pen-back', '←', __('ui.back-both'),
        $ways->moved(-1)], ['pen-next', '→', __('ui.next-both'), $ways->moved(1)], ['pen-all', 'End', __('ui.all'),
        $ways->at('last')]] as [$id, $key, $name, $link])
        <a id="{{ $id }}" @class(['pen', 'is-main' => $id === 'pen-next']) href="{{ $link }}" hx-get="{{ $link }}"
            hx-target="#ways" hx-push-url="true">{{ $name }} <kbd>{{ $key }}</kbd></a>
    @endforeach
    <span class="pen-gap"></span>
    <a id="pen-another" class="pen"
        href="{{ $ways->address->to('bench', ['step' => null, 'method' => null]) }}">{{ __('ui.another') }}
        <kbd>w</kbd></a>
</nav>
