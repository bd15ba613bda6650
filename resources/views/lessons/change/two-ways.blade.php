@include('lessons.change.problem')
@if ($worked !== null)
    @include('lessons.change.way', ['field' => 'method', 'chosen' => $worked->method])
    @include('lessons.change.way', ['field' => 'other', 'chosen' => $content->other])
@endif
