@if ($not === null)
    <p>{{ __('why.not-nothing') }}</p>
@else
    <p class="hint">{{ __('why.not-from') }}</p>
    <p class="why-line">{!! $page->maths($not->before) !!}</p>
    <ol class="why-judged"><x-marked-line :line="$not->line" full /></ol>
    @if ($not->line->differs !== null && $not->line->slip !== null)
        <p class="marked-differs">{!! $page->say($page->differs($not->line->differs)) !!}</p>
    @endif
    @if ($not->line->verdict === \Runel\Marking\LineVerdict::Follows)
        <p>{{ __('why.not-right') }}</p>
    @elseif ($not->line->verdict === \Runel\Marking\LineVerdict::Same)
        <p>{{ __('why.not-same') }}</p>
    @elseif ($not->line->node === null && $not->line->verdict === \Runel\Marking\LineVerdict::Side)
        <p>{{ __('why.not-words') }}</p>
    @endif
@endif
