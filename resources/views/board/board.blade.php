<x-masthead>
    <h1 class="board-problem" tabindex="0">{!! $page->maths($board->demonstration->task->problem->node) !!}</h1>
    <p class="board-method">{{ $page->methodName($board->demonstration->job, $board->demonstration->method) }}</p>
    @if ($board->address->lesson !== null)
        <x-lesson-line :code="$board->address->lesson" :step="$board->shown"
            :present="$board->address->present" />
    @endif
    <x-style-link :place="$board->place()" />
</x-masthead>
<div class="desk">
    <nav class="spine" aria-label="{{ __('ui.steps-nav') }}">
        <ol>
            @foreach ($board->groups() as $group)
                <li @class(['spine-group', 'is-open' => $group->open, 'is-done' => !$group->open
                    && $group->reached !== []])>
                    <a class="spine-name"
                        href="{{ $board->link($group->stops[0]->number) }}">{{ $page->say($group->title) }}</a>
                    @if ($group->open)
                        <ol class="spine-dots">
                            @foreach ($group->stops as $dot)
                                <li><a @class(['dot', 'is-now' => $dot->number === $board->current,
                                    'is-reached' => $dot->number
                                    < $board->current]) href="{{ $board->link($dot->number) }}"
                                       @if ($dot->number === $board->current) aria-current="step" @endif
                                       aria-label="{{ __('ui.go-to',
                                           ['number' => $dot->number, 'title' => $dot->number
                                           <= $board->shown ? $page->plain($dot->content->title) : '']) }}"></a></li>
                            @endforeach
                        </ol>
                    @endif
                </li>
            @endforeach
        </ol>
        <p class="spine-count">{{ __('ui.step-of', ['step' => $board->current, 'steps' => count($board->stops)]) }}</p>
        {{-- Cards and forecasts count steps alone: here both are said, so that the numbers agree. --}}
        @php($checks = count($board->demonstration->furtherChecks()))
        <p class="hint spine-sum">{{ trans_choice('ui.steps', count($board->demonstration->steps())) }}{{
            $checks === 0 ? '' : ', ' . trans_choice('ui.checks', $checks) }}</p>
    </nav>
    <main id="work" class="sheet" tabindex="0">
        @foreach ($board->groups() as $group)
            @if ($group->reached !== [] && !$group->open)
                <details class="folded">
                    <summary><span
                        class="folded-name">{{ $page->say($group->title) }}</span>@if ($group->outcome !== null)<span
                        class="folded-line">{!! $page->say($group->outcome) !!}</span>@elseif ($group->last !==
                        null)<span class="folded-line">{!! $page->maths($group->last->node) !!}</span>@endif</summary>
                    @foreach ($group->reached as $past)
                        @foreach ($board->kept($past) as $line)
                            {!! $page->line($line, thing: \App\Board\Thing::line($past->content, $line)) !!}
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
