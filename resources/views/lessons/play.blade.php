<x-page :title="__('lesson.title')" body="turn presenting">
    <div id="turn">
        <x-masthead><p class="board-method">{{ __("lesson.kind.{$item->kind()->value}") }}</p><x-lesson-line
            :code="$lesson->code($number)" /></x-masthead>
        <main id="work" class="projector" tabindex="0">
            @if ($lesson instanceof \App\Lessons\KeptLesson)
                <p class="projector-job">{{ $lesson->lesson->name }}</p>
            @endif
            @include('lessons.playing.' . $item->kind()->value, ['content' => $item->content])
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
