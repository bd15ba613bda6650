@props(['line', 'newest' => false, 'full' => false, 'before' => null])
<li @class(['marked', 'is-' . $line->verdict->value, 'is-newest' => $newest]) @if ($newest) id="now" @endif>
    <span class="marked-sign" role="img"
        aria-label="{{ __('turn.sign.' . $line->sign()) }}">{{ __('turn.mark.' . $line->sign()) }}</span>
    <div class="marked-what">
        <p class="line">@if ($line->verdict->value === 'unreadable' || $line->node === null)<span
            class="marked-typed">{{ $line->typed }}</span>@else{!! $page->maths($line->shown
            ?? $line->node) !!}@endif</p>
        @if ($line->tellsMore() && !($line->verdict->value === 'follows-wrong' && $before?->verdict === $line->verdict))
            <p class="marked-say">{!! $page->say($full ? $line->say : $line->hint) !!}</p>
        @endif
        @if ($line->branch !== null)
            <span class="marked-branch">{{ __('turn.branch', ['branch' => $line->branch]) }}</span>
        @endif
        @if ($line->differs !== null && $line->slip === null)
            <p class="marked-differs">{!! $page->say($page->differs($line->differs)) !!}</p>
        @endif
        {{ $slot }}
    </div>
</li>
