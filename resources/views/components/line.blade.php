@props(['line', 'maths', 'now' => false, 'id' => null])
@php($length = strlen(Runel\Notation\Ascii::write($line->node)))
<p @if ($id !== null) id="{{ $id }}" @endif @class(['line', 'link-' . $line->link->value, 'branch-' . $line->branch => $line->branch !== null, 'is-now' => $now, 'is-long' => $length > 64, 'is-very-long' => $length > 110])>{!! $length > 64 ? $maths->running($line->node) : $maths->html($line->node) !!}</p>
