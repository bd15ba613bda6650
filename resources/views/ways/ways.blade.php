@inject('faces', 'App\Faces\Faces')
@inject('figures', 'App\Figures\Figures')
@php($style = $ways->address->style)
@php($say = $faces->html($style))
@php($maths = $faces->mathematics($style))
<x-masthead>
    <h1 class="board-problem" tabindex="0">{!! $maths->html($ways->ways[0]->board->demonstration->problem->node) !!}</h1>
    <p class="board-method">{{ __('ui.two-ways') }}</p>
</x-masthead>
<main id="work" class="ways-desk">
    @foreach ($ways->ways as $way)
        @php($stop = $way->board->stop())
        @php($forecast = $way->board->demonstration->forecast)
        <section class="way" aria-label="{{ $say->word('name.method.' . $way->method()) }}">
            <nav class="way-methods" aria-label="{{ __('ui.method') }}">
                @foreach ($ways->offers as $offer)
                    <a @class(['way-method', 'is-taken' => $offer->method->id() === $way->method()]) href="{{ $ways->to([$way->side => $offer->method->id(), $way->side . 'step' => 1]) }}" @if ($offer->method->id() === $way->method()) aria-current="true" @endif>{{ $say->word('name.method.' . $offer->method->id()) }}</a>
                @endforeach
            </nav>
            <p class="way-cost"><strong>{{ trans_choice('ui.steps', $forecast->steps) }}</strong> · {{ trans_choice('ui.products', $forecast->products) }}@if ($forecast->trials > 0) · {{ trans_choice('ui.trials', $forecast->trials) }}@endif · {{ trans_choice('ui.lines', $way->lines()) }} · {{ trans_choice('ui.slips', $way->slips()) }}</p>
            <p class="way-advice">{!! $say->say($forecast->advice) !!}</p>
            <div class="way-sheet" tabindex="0">
                @foreach (array_slice($way->chain(), -3) as $line)
                    <x-line :line="$line" :maths="$maths" />
                @endforeach
                @if ($way->board->figure() !== null)
                    <figure class="figure">{!! $figures->svg($way->board->figure(), $style) !!}</figure>
                @endif
                @foreach ($stop->content->lines as $line)
                    @if ($line->link === Runel\Demonstration\Link::Side)
                        <x-line :line="$line" :maths="$maths" now />
                    @endif
                @endforeach
                <h2 class="way-what">{!! $say->say($stop->content->title) !!}</h2>
                <p class="way-why">{!! $say->say($stop->content->why) !!}</p>
            </div>
            <p class="way-place">
                <a class="pen is-small" href="{{ $ways->to([$way->side . 'step' => $way->reach(-1), 'alone' => 1]) }}" hx-get="{{ $ways->to([$way->side . 'step' => $way->reach(-1), 'alone' => 1]) }}" hx-target="#ways" hx-push-url="true" id="{{ $way->side }}-back">{{ __('ui.back') }}</a>
                <span>{{ __('ui.step-of', ['step' => $way->board->current, 'steps' => count($way->board->stops)]) }}</span>
                <a class="pen is-small" href="{{ $ways->to([$way->side . 'step' => $way->reach(1), 'alone' => 1]) }}" hx-get="{{ $ways->to([$way->side . 'step' => $way->reach(1), 'alone' => 1]) }}" hx-target="#ways" hx-push-url="true" id="{{ $way->side }}-next">{{ __('ui.next') }}</a>
            </p>
        </section>
    @endforeach
</main>
<nav class="pen-bar" aria-label="{{ __('ui.together') }}">
    @foreach ([['pen-first', 'Home', __('ui.first'), $ways->at('1')], ['pen-back', '←', __('ui.back-both'), $ways->moved(-1)], ['pen-next', '→', __('ui.next-both'), $ways->moved(1)], ['pen-all', 'End', __('ui.all'), $ways->at('last')]] as [$id, $key, $name, $link])
        <a id="{{ $id }}" @class(['pen', 'is-main' => $id === 'pen-next']) href="{{ $link }}" hx-get="{{ $link }}" hx-target="#ways" hx-push-url="true">{{ $name }} <kbd>{{ $key }}</kbd></a>
    @endforeach
    <span class="pen-gap"></span>
    <a id="pen-another" class="pen" href="{{ $ways->address->to('/', ['step' => null, 'method' => null]) }}">{{ __('ui.another') }} <kbd>w</kbd></a>
</nav>
