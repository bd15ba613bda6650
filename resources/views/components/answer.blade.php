@props(['demonstration'])
@if (in_array($demonstration->answer->type()->value, ['none', 'all'], true))
    {{ __('sets.' . $demonstration->answer->type()->value) }}
@else
    {!! $page->maths($demonstration->answer->node()) !!}
@endif
