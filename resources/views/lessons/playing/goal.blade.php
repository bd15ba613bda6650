@if ($content instanceof \Runel\Lesson\Content\Aim)
    <h1 class="projector-ready">{{ __('practice.skill.' . $lesson->code->skill) }}</h1>
    <p class="lesson-goal">{{ $content->rung->adds === null ? __('lesson.goal-first')
        : __('lesson.goal', ['adds' => __('practice.adds.' . $content->rung->adds->value)]) }}</p>
    <p class="projector-problem">{!! $page->maths($content->demonstration()->task->problem->node) !!}</p>
@else
    @include('lessons.playing.note')
@endif
