<x-masthead :closed="$turn->door !== null">
    <p class="board-method">{{ $turn->door === null ? __('turn.title') : $turn->door->place }} ·
        {{ $page->jobName($turn->job) }}</p>
    @if ($turn->address->lesson !== null)
        <x-lesson-line :code="$turn->address->lesson" />
    @endif
    @if ($turn->door === null)
        <a class="masthead-action" id="hand-out"
            href="{{ route('handing', ['problem' => $turn->address->problem()], false) }}">{{ __('handed.title') }}</a>
        <x-style-link :place="$turn->address->place()" />
    @endif
</x-masthead>
@php($help = $turn->marking->finished ? null : $turn->help())
<div class="turn-desk">
    <main id="work" class="turn-sheet" tabindex="0">
        <h1 class="turn-problem">{!! $page->maths($turn->task->problem->node) !!}</h1>
        @if ($turn->given !== [])
            <div class="turn-given" role="group" aria-label="{{ __('turn.given') }}">
                @foreach ($turn->given as $line)
                    <p class="line">{!! $page->maths($line->node) !!}</p>
                @endforeach
                <p class="hint">{{ __('turn.from-here') }}</p>
            </div>
        @endif
        <ol class="turn-lines" aria-label="{{ __('turn.your-lines') }}">
            @foreach ($turn->shown() as $line)
                <x-marked-line :line="$line" :before="$turn->shown()[$loop->index - 1] ?? null" :newest="$loop->last" />
            @endforeach
        </ol>
        @if ($turn->marking->finished)
            @include('your-turn.done')
        @elseif ($turn->query->isFull && $turn->door === null)
            <p class="notice" role="status">{{ __('turn.full', ['most' => count($turn->query->lines)]) }}</p>
        @elseif ($turn->query->isFull)
            <p class="notice" role="status">{{ __('handed.full', ['most' => count($turn->query->lines)]) }}</p>
        @else
            @include('your-turn.field')
        @endif
        @if ($turn->door !== null)<p class="hint">{{ __('handed.stays') }}</p>@endif
    </main>
    <aside class="turn-aside">
        @if ($turn->marking->finished)
            @include('your-turn.after')
        @else
            @include('your-turn.hints')
        @endif
    </aside>
</div>
<nav class="pen-bar" aria-label="{{ __('turn.moves') }}">
    @if ($turn->door !== null && !$turn->marking->finished && !$turn->query->isFull)
        @if (!$turn->door->isTest)<button id="pen-hint" form="field" name="do" value="help"
            @class(['pen', 'is-off' => $turn->query->help >= 4])
            @disabled($turn->query->help >= 4)>{{ __('turn.hint') }} <kbd>h</kbd></button>@endif
        <button id="pen-undo" @class(['pen', 'is-off' => $turn->query->lines === []]) form="field" name="do"
            value="undo" @disabled($turn->query->lines === [])>{{ __('turn.undo') }} <kbd>u</kbd></button>
    @elseif ($turn->door === null)
        @if (!$turn->marking->finished)
            <a id="pen-hint" @class(['pen', 'is-off' => $turn->query->help >= 4]) @if ($turn->query->help >= 4)
                role="link" aria-disabled="true" @else href="{{ $turn->to(['help' => $turn->query->help + 1]) }}"
                hx-get="{{ $turn->to(['help' => $turn->query->help + 1]) }}" hx-target="#turn" hx-push-url="true"
                hx-include="#draft" @endif>{{ __('turn.hint') }} <kbd>h</kbd></a>
        @endif
        <a id="pen-undo" @class(['pen', 'is-off' => $turn->query->lines === []]) @if ($turn->query->lines === [])
            role="link" aria-disabled="true" @else href="{{ $turn->undone() }}" hx-get="{{ $turn->undone() }}"
            hx-target="#turn" hx-push-url="true" @endif>{{ __('turn.undo') }} <kbd>u</kbd></a>
    @endif
    @if ($turn->door !== null)
        <span class="pen-gap"></span>
        <a id="pen-another" class="pen" href="{{ $turn->door->back }}">{{ __('handed.back') }} <kbd>w</kbd></a>
        @if ($turn->door->next !== null)
            <a id="pen-next" @class(['pen', 'is-main' => $turn->marking->finished])
                href="{{ $turn->door->next }}">{{ __('handed.next-problem') }} <kbd>→</kbd></a>
        @endif
    @else
        @if ($turn->marking->finished || $help->guidance !== null)
            <a id="pen-watch" class="pen"
                href="{{ $turn->watching($help?->guidance) }}">{{ __($turn->marking->finished ? 'turn.see'
                : 'turn.give-up') }} <kbd>v</kbd></a>
        @endif
        <span class="pen-gap"></span>
        <form action="{{ route('rooms.ask', [], false) }}" method="post" class="pen-form">
            <input type="hidden" name="lines" value="1">
            <input type="hidden" name="board" value="{{ http_build_query($turn->address->query()) }}">
            <button id="pen-room" class="pen">{{ __('ui.ask-room') }} <kbd>r</kbd></button>
        </form>
        <a id="pen-another" class="pen"
            href="{{ $turn->address->to('bench', ['problem' => null, 'job' => null, 'method' => null, 'step' => null,
            'present' => null]) }}">{{ __('turn.another') }} <kbd>w</kbd></a>
        <a id="pen-present" class="pen"
            href="{{ $turn->to(['stage' => 'hidden', 'line' => [], 'help' => null, 'mended' => [],
            'compare' => null]) }}">{{ __('turn.projector') }} <kbd>p</kbd></a>
    @endif
    <a id="pen-help" class="pen" href="#help">{{ __('ui.help') }} <kbd>?</kbd></a>
</nav>
