@if ($content instanceof \Runel\Lesson\Content\Aim)
    <p>{{ $content->rung->adds === null ? __('lesson.goal-first')
        : __('lesson.goal', ['adds' => __('practice.adds.' . $content->rung->adds->value)]) }}</p>
@else
    @include('lessons.content.note')
@endif
