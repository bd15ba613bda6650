@props(['demonstration'])
@if (($words = \App\Faces\AnswerWords::of($demonstration->answer)) !== null)
    {!! $page->say($words) !!}
@else
    {!! $page->maths($demonstration->answer->node()) !!}
@endif
