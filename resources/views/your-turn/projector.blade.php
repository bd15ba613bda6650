@php($stage = $turn->query->stage)
@php($next = $turn->to(['stage' => ['hidden' => 'open', 'open' => 'answer', 'answer' => null][$stage]]))
<x-masthead>
    <p class="board-method">{{ __('turn.title') }} · {{ $page->jobName($turn->job) }}</p>
    @if ($turn->address->lesson !== null)<x-lesson-line :code="$turn->address->lesson" present />@endif
</x-masthead>
<main id="work" @class(['projector', "is-$stage"]) tabindex="0">
    @if ($stage === 'hidden')
        <p class="projector-ready">{{ __('turn.ready') }}</p>
        <div class="timer-choices" role="group" aria-label="{{ __('turn.time') }}">
            <a @class(['option', 'is-taken' => $turn->query->time === null])
                href="{{ $turn->to(['time' => null]) }}">{{ __('turn.no-time') }}</a>
            @foreach (\App\Turn\TurnQuery::TIMES as $seconds)
                <a @class(['option', 'is-taken' => $turn->query->time === $seconds])
                    href="{{ $turn->to(['time' => $seconds]) }}" @if ($turn->query->time === $seconds)
                    aria-current="true" @endif>{{ $seconds < 60 ? "$seconds s" : intdiv($seconds, 60) . ' min' }}</a>
            @endforeach
        </div>
    @else
        <p class="projector-job">{{ $page->jobName($turn->job) }}</p>
        <h1 class="projector-problem">{!! $page->maths($turn->task->problem->node) !!}</h1>
        @if ($stage === 'open' && $turn->query->time !== null)
            <div class="countdown" data-countdown="{{ $turn->query->time }}">
                <p class="countdown-left" role="timer"
                    aria-live="off">{{ sprintf('%d:%02d', intdiv($turn->query->time, 60),
                    $turn->query->time % 60) }}</p>
                <progress class="countdown-bar" max="1" value="1" aria-label="{{ __('turn.time-left') }}"></progress>
                <p class="countdown-more" role="status" hidden>{{ __('turn.time-over') }}
                    <button type="button" class="button">{{ __('turn.minute-more') }}</button></p>
            </div>
        @elseif ($stage === 'answer')
            @php($shown = $turn->demonstration($turn->address->reference->method))
            @if ($shown === null)
                <p class="projector-answer">{{ __('turn.no-answer') }}</p>
            @else
                <p class="projector-answer"><span class="margin-label">{{ __('ui.answer') }}</span>
                    <x-answer :demonstration="$shown" /></p>
            @endif
            @if ($turn->checks() !== [])
                <div class="projector-check">
                    <h2 class="turn-check">✓ {!! $page->say($turn->checks()[0]->title) !!}</h2>
                    @foreach ($turn->checks()[0]->lines as $line)
                        {!! $page->line($line) !!}
                    @endforeach
                </div>
            @endif
        @endif
    @endif
</main>
<nav class="pen-bar" aria-label="{{ __('turn.moves') }}">
    <a id="pen-next" class="pen is-main" href="{{ $next }}">{{ __("turn.stage.$stage") }} <kbd>→</kbd></a>
    <span class="pen-gap"></span>
    <form action="{{ route('rooms.ask', [], false) }}" method="post" class="pen-form">
        <input type="hidden" name="lines" value="1">
        <input type="hidden" name="board" value="{{ http_build_query($turn->address->query()) }}">
        <button id="pen-room" class="pen">{{ __('ui.ask-room') }} <kbd>r</kbd></button>
    </form>
    <a id="pen-watch" class="pen" href="{{ $turn->watching(null) }}">{{ __('turn.see') }} <kbd>v</kbd></a>
    <a id="pen-present" class="pen" href="{{ $turn->to(['stage' => null]) }}">{{ __('turn.stop-projector') }}
        <kbd>p</kbd></a>
    <a id="pen-help" class="pen" href="#help">{{ __('ui.help') }} <kbd>?</kbd></a>
</nav>
