<x-page :title="__('lesson.title')" body="turn presenting">
    <div id="turn">
        <x-masthead><p class="board-method">{{ __("lesson.kind.{$item->kind->value}") }}</p><x-lesson-line
            :code="$lesson->code($number)" /></x-masthead>
        <main id="work" class="projector" tabindex="0">
            @if ($lesson instanceof \App\Lessons\KeptLesson)
                <p class="projector-job">{{ $lesson->lesson->name }}</p>
            @endif
            @if ($item->text !== '')
                <h1 class="projector-ready lesson-words">{{ $item->text }}</h1>
            @elseif ($item->kind->value === 'goal')
                <h1 class="projector-ready">{{ __('practice.skill.' . $lesson->code->skill) }}</h1>
                <p class="lesson-goal">{{ $item->about?->adds === null ? __('lesson.goal-first')
                    : __('lesson.goal', ['adds' => __('practice.adds.' . $item->about->adds->value)]) }}</p>
                <p class="projector-problem">{!! $page->maths($item->demonstration->task->problem->node) !!}</p>
            @elseif ($item->kind->value === 'warning')
                <h1 class="projector-ready">{!! $page->word("slip.{$item->slip->value}.watch") !!}</h1>
                <p class="projector-problem">{!! $page->maths($item->demonstration->task->problem->node) !!}</p>
            @else
                <h1 class="projector-ready">{{ trans_choice('sets.problems', $item->count) }}</h1>
                <p><a class="button" href="{{ $lesson->set($number) }}">{{ __('lesson.to-set') }}</a></p>
            @endif
        </main>
        <nav class="pen-bar" aria-label="{{ __('turn.moves') }}">
            @if ($lesson instanceof \App\Lessons\KeptLesson)
                <form action="{{ $lesson->reach($number + 1) }}" method="post" class="pen-form"><button id="pen-next"
                    class="pen is-main">{{ __('lesson.next') }} <kbd>→</kbd></button></form>
            @else
                <a id="pen-next" class="pen is-main" href="{{ $lesson->play($number + 1) }}">{{ __('lesson.next') }}
                    <kbd>→</kbd></a>
            @endif
            <span class="pen-gap"></span>
            <a class="pen" href="{{ $lesson->back() }}">{{ __('lesson.to-plan') }}</a>
        </nav>
    </div>
</x-page>
