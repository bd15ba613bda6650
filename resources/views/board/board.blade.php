@inject('faces', 'App\Faces\Faces')
@inject('figures', 'App\Figures\Figures')
@php($style = $board->address->style)
@php($say = $faces->html($style))
@php($plain = $faces->text($style))
@php($maths = $faces->mathematics($style))
@php($stop = $board->stop())
@php($isCheck = $stop?->content instanceof Runel\Demonstration\Check)
<x-masthead>
    <h1 class="board-problem" tabindex="0">{!! $maths->html($board->demonstration->problem->node) !!}</h1>
    <p class="board-method">{{ $say->word('name.method.' . $board->demonstration->method) }}</p>
    <a class="masthead-link" id="to-style" href="/style?{{ http_build_query(['problem' => $board->demonstration->problem->source, 'job' => $board->demonstration->job->value, 'method' => $board->demonstration->method, 'step' => $board->current]) }}">{{ __('ui.house-style') }}</a>
</x-masthead>
<div class="desk">
    <nav class="spine" aria-label="{{ __('ui.steps-nav') }}">
        <ol>
            @foreach ($board->groups() as $group)
                <li @class(['spine-group', 'is-open' => $group->open, 'is-done' => !$group->open && $group->reached !== []])>
                    <a class="spine-name" href="{{ $board->link($group->stops[0]->number) }}">{{ $say->word('name.phase.' . $group->phase) }}</a>
                    @if ($group->open)
                        <ol class="spine-dots">
                            @foreach ($group->stops as $dot)
                                <li><a @class(['dot', 'is-now' => $dot->number === $board->current, 'is-reached' => $dot->number < $board->current]) href="{{ $board->link($dot->number) }}"
                                       @if ($dot->number === $board->current) aria-current="step" @endif
                                       aria-label="{{ __('ui.go-to', ['number' => $dot->number, 'title' => $dot->number <= $board->shown ? $plain->say($dot->content->title) : '']) }}"></a></li>
                            @endforeach
                        </ol>
                    @endif
                </li>
            @endforeach
        </ol>
        <p class="spine-count">{{ __('ui.step-of', ['step' => $board->current, 'steps' => count($board->stops)]) }}</p>
    </nav>
    <main id="work" class="sheet" tabindex="0">
        @foreach ($board->groups() as $group)
            @if ($group->reached !== [] && !$group->open)
                <details class="folded">
                    <summary><span class="folded-name">{{ $say->word('name.phase.' . $group->phase) }}</span>@if ($group->last !== null)<span class="folded-line">{!! $maths->html($group->last->node) !!}</span>@endif</summary>
                    @foreach ($group->reached as $past)
                        @foreach ($past->content->lines as $line)
                            @continue($line->link === Runel\Demonstration\Link::Side && $past->content->figure !== null)
                            <p class="line">{!! $maths->html($line->node) !!}</p>
                        @endforeach
                    @endforeach
                </details>
            @elseif ($group->open)
                @include($group->phase === 'checking' ? 'board.checks' : 'board.open')
            @endif
        @endforeach
    </main>
    <aside class="margin">
        @include($board->question() !== null ? 'board.asking' : 'board.margin')
    </aside>
</div>
@include('board.pen-bar')
