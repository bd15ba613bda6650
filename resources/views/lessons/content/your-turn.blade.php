@include('lessons.content.demonstration')
