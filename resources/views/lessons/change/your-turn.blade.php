@include('lessons.change.problem')
