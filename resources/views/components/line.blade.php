@props(['line', 'now' => false, 'id' => null])
<p @if ($id !== null) id="{{ $id }}" @endif @class($page->lineClasses($line, $now))>{!! $page->length($line->node) > 64 ? $page->running($line->node) : $page->maths($line->node) !!}</p>
