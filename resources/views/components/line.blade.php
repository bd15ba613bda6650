@props(['line', 'now' => false, 'id' => null])
<p @if ($id !== null) id="{{ $id }}" @endif @class($page->lineClasses($line, $now))
    data-latex="{{ $page->latex($line->node) }}"
    data-text="{{ $page->text($line->node) }}">{!! $page->length($line->node) > 64 ? $page->running($line->node)
    : $page->maths($line->node) !!}@if ($line->rejected !== null)
    <span class="rejected-why">✗ {!! $page->say($line->rejected) !!}</span>@endif</p>
