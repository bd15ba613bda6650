@include('lessons.change.goal')
