@props(['both', 'leftpage', 'rightpage', 'lefthead', 'righthead'])
{{-- Two roads as a table for the eye and the ear: a row for each step, what differs said beside its lines. --}}
<div class="compared" role="table" aria-label="{{ __('compare.table') }}">
    <div class="compared-row compared-head" role="row">
        <span role="columnheader">{{ $lefthead }}</span>
        <span role="columnheader">{{ $righthead }}</span>
    </div>
    @foreach ($both->rows as $row)
        <div @class(['compared-row', 'is-same' => $row->isSame, 'is-first' => $row->isFirst]) role="row"
            @if ($row->isFirst) id="first-difference" @endif>
            @foreach (['left' => $leftpage, 'right' => $rightpage] as $side => $face)
                <div class="compared-cell" role="cell">
                    @if ($row->$side === null)
                        <p class="hint">{{ __('compare.nothing') }}</p>
                    @else
                        <p class="compared-what">@if (!$row->isSame)<span class="compared-mark"
                            title="{{ __('compare.differs') }}">≠</span><span
                            class="unseen">{{ __('compare.differs') }}: </span>@endif{!! $face->say($row->$side->title)
                            !!}</p>
                        @foreach ($row->$side->lines as $line)
                            <p class="line">{!! $face->maths($line->node) !!}</p>
                        @endforeach
                        @if (!$row->isSame)
                            <p class="compared-why">{!! $face->say($row->$side->why) !!}</p>
                        @endif
                    @endif
                </div>
            @endforeach
        </div>
    @endforeach
</div>
