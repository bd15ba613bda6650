{{-- What an item says, on a plan or on paper. --}}
@if ($item->kind->value === 'goal' && $item->text === '')
    <p>{{ $item->about?->adds === null ? __('lesson.goal-first')
        : __('lesson.goal', ['adds' => __('practice.adds.' . $item->about->adds->value)]) }}</p>
@elseif ($item->text !== '')
    <p class="lesson-words">{{ $item->text }}</p>
@elseif ($item->kind->value === 'set')
    <p>{{ trans_choice('sets.problems', $item->count) }},
        <a href="{{ $lesson->set($number) }}">{{ __('lesson.to-set') }}</a></p>
@else
    <p class="line"><x-problem :demonstration="$item->demonstration" /></p>
    @if ($item->slip !== null)
        <p>{!! $page->word("slip.{$item->slip->value}.watch") !!}</p>
    @endif
@endif
