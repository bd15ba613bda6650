<x-page :title="__('handed.tasks')" body="learners">
    <x-masthead closed><p class="board-method">{{ __('turn.title') }}</p></x-masthead>
    <main id="work" class="tutor-desk" tabindex="0">
        <section class="tutor-card is-wide" aria-labelledby="tasks">
            <h1 id="tasks">{{ __('handed.tasks') }}</h1>
            <ol class="handed-tasks">
                @foreach ($references as $place => $reference)
                    <li><a class="handed-task" id="task-{{ $place }}" href="{{ $back }}&amp;task={{ $place }}"><span
                        class="unseen">{{ __('handed.problem', ['number' => $place]) }}:</span>
                        @if (($task = $tasks[$place] ?? null) !== null)<span
                        class="handed-job">{{ $reference->page === [] ? $page->jobName($task[1])
                            : __('spot.title') }}</span>
                        {!! $page->maths($task[0]) !!}@else{{ $reference->problem }}@endif</a>
                        <span class="hint">{{ match (true) { ($work[$place]->finished ?? false) => '✓ '
                        . __('handed.done'), isset($work[$place]) && $work[$place]->typed() !== [] => '… ' .
                        __('handed.begun'), default => '○ ' . __('handed.to-do') } }}</span></li>
                @endforeach
            </ol>
            <p class="hint">{{ __('handed.open-until', ['moment' => $until->isoFormat('dddd D MMMM, H:mm')]) }}</p>
        </section>
    </main>
</x-page>
