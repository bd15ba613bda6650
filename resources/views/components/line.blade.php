@props(['line', 'maths', 'now' => false])
@php($length = strlen(Runel\Notation\Ascii::write($line->node)))
<p @class(['line', 'link-' . $line->link->value, 'is-now' => $now, 'is-long' => $length > 64, 'is-very-long' => $length > 110])>{!! $maths->html($line->node) !!}</p>
