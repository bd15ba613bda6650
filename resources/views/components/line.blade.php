@props(['line', 'now' => false, 'id' => null, 'presented' => false, 'thing' => null])
{{-- Before a room, where letters are large, even a short line may have to break at its sign of equality. --}}
<p @if ($id !== null) id="{{ $id }}" @endif @if ($thing !== null) data-thing="{{ $thing }}" @endif
    @class($page->lineClasses($line, $now))
    data-latex="{{ $page->latex($line->node) }}"
    data-text="{{ $page->text($line->node) }}">{!! $page->length($line->node) > ($presented ? 16 : 56)
    ? $page->running($line->node) : $page->maths($line->node) !!}@if ($line->rejected !== null)
    <span class="rejected-why">✗ {!! $page->say($line->rejected) !!}</span>@endif</p>
