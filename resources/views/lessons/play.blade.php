<x-page :title="__('lesson.title')" body="turn presenting">
    <div id="turn">
        <x-masthead><p class="board-method">{{ __("lesson.kind.{$item->kind()->value}") }}</p><x-lesson-line
            :code="$lesson->code($number)" :present="$present ?? false" /></x-masthead>
        <main id="work" class="projector" tabindex="0">
            @if ($lesson instanceof \App\Lessons\KeptLesson)
                <p class="projector-job">{{ $lesson->lesson->name }}</p>
            @endif
            @include('lessons.playing.' . $item->kind()->value, ['content' => $item->content])
        </main>
        <nav class="pen-bar" aria-label="{{ __('turn.moves') }}">
            @if ($lesson instanceof \App\Lessons\KeptLesson)
                <form action="{{ $lesson->reach($number + 1) }}" method="post" class="pen-form">
                    @if ($present ?? false)<input type="hidden" name="present" value="1">@endif
                    <button id="pen-next" class="pen is-main">{{ __('lesson.next') }} <kbd>→</kbd></button></form>
            @else
                <a id="pen-next" class="pen is-main" href="{{ $lesson->play($number + 1)
                    }}{{ ($present ?? false) ? '&present=1' : '' }}">{{ __('lesson.next') }}
                    <kbd>→</kbd></a>
            @endif
        </nav>
    </div>
</x-page>
