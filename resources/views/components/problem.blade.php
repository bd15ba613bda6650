@props(['demonstration'])
@php($problem = $demonstration->task->problem)
{!! $page->maths($problem->node) !!}
@if ($problem->subject !== null)
    <span class="hint">{{ __('sets.for', ['letter' => $problem->subject]) }}</span>
@endif
