@php($head = $set->query->head)
@php($version = $set->query->kept !== null || $set->query->picks === [] ? ''
    : __("sets.version.{$set->query->version}"))
@php($said = implode(' · ', array_filter([$version, $head->date, $head->line])))
@php($total = $head->total(count(array_filter($set->items, fn($item) => $item->demonstration !== null))))
<x-page :title="__('sets.title')" body="paper">
    <main id="work" class="print-sheet set-sheet">
        <div class="print-tools">
            <a class="button" href="{{ $set->to() }}">{{ __('sets.back') }}</a>
            <button type="button" class="button" id="print-now">{{ __('ui.print') }}</button>
            <nav class="print-fades" aria-label="{{ __('sets.take') }}">
                @foreach (\App\Sets\SetSheet::KEYS as $key)
                    <a @class(['option', 'is-taken' => $sheet->key === $key && !$sheet->isFaded])
                        href="{{ $set->to(['key' => $key], 'set-sheet') }}">{{ __("sets.sheet.$key") }}</a>
                @endforeach
                <a @class(['option', 'is-taken' => $sheet->isFaded])
                    href="{{ $set->to(['fade' => 1], 'set-sheet') }}">{{ __('sets.sheet.faded') }}</a>
            </nav>
        </div>
        <header class="print-head">
            <div>
                <h1>{{ $head->title !== '' ? $head->title : ($set->name !== '' ? $set->name
                : __('sets.sheet-title')) }}</h1>
                @if ($said !== '')<p class="set-said">{{ $said }}</p>@endif
            </div>
            <div class="set-who">
                <p>{{ __('sets.sheet-name') }}</p>
                @if ($total !== null)<p>{{ __('sets.sheet-points', ['total' => $total]) }}</p>@endif
            </div></header>
        <ol class="set-problems">
            @foreach ($set->items as $item)
                @continue($item->demonstration === null)
                <li class="set-problem">
                    <p class="set-task"><strong>{{ $loop->iteration }}</strong>
                        {!! $page->say(\Runel\Message\Message::of($item->page !== null ? 'sets.page-task'
                            : "sets.task.{$item->demonstration->job}",
                        ['letter' => $item->demonstration->task->problem->subject ?? ''])) !!}
                        <span
                        class="set-maths">{!! $page->maths($item->demonstration->task->problem->node) !!}</span>
                        @if ($head->pointsOf($loop->index) !== null)
                            <span class="set-points">{{ trans_choice('sets.points',
                                $head->pointsOf($loop->index)) }}</span>
                        @endif</p>
                    @if ($item->page !== null)
                        <ol class="set-page">
                            @foreach ($item->page->lines as $line)
                                <li>{!! $page->maths($line) !!}</li>
                            @endforeach
                        </ol>
                    @endif
                    @if ($sheet->faded($item->demonstration, $loop->index) !== null)
                        @include('sheet.work', ['demonstration' => $item->demonstration,
                            'sheet' => $sheet->faded($item->demonstration, $loop->index)])
                    @else
                        @for ($line = 0; $line < $item->lines(); ++$line)
                            <div class="set-line"></div>
                        @endfor
                    @endif
                </li>
            @endforeach
        </ol>
        @if ($sheet->key !== 'none')
            <section class="set-key">
                <h2>{{ __('sets.answers') }}@if ($version !== '') · {{ $version }}@endif</h2>
                <ol>
                    @foreach ($set->items as $item)
                        @continue($item->demonstration === null)
                        <li @class(['set-answer', 'is-worked' => $sheet->key === 'worked'])>
                            <p><strong>{{ $loop->iteration }}</strong>
                                @if ($item->page !== null){{ __('sets.page-key', ['line' => $item->page->at,
                                    'slip' => $page->plain(\Runel\Message\Message::of(
                                    "slip.{$item->page->slip->value}.name"))]) }}@endif
                                        <x-answer :demonstration="$item->demonstration"
                                /></p>
                            @if ($sheet->key === 'worked')
                                @include('sheet.work', ['demonstration' => $item->demonstration,
                                    'sheet' => $sheet->worked($item->demonstration)])
                            @endif
                        </li>
                    @endforeach
                </ol>
            </section>
        @endif
    </main>
</x-page>
