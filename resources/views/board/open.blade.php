<section class="open">
    <h2 class="open-name">{{ $page->say($group->title) }}</h2>
    <div @class(['at-work', 'is-beside' => $board->figure() !== null && $page->isCompact($board->figure())])>
        <div class="written">
            <div class="lines">
                @foreach ($group->reached as $past)
                    @foreach ($board->onSheet($past) as $line)
                        {!! $page->line(
                            $line,
                            now: $past->number === $board->shown,
                            id: $board->figure() === null && $past->number === $board->shown && $loop->last ? 'now' :
                                null,
                            presented: $board->address->present,
                            thing: \App\Board\Thing::line($past->content, $line),
                        ) !!}
                    @endforeach
                @endforeach
            </div>
            @if ($board->figure() !== null && $page->isCompact($board->figure()))
                @include('board.now')
            @endif
        </div>
        @if ($board->figure() !== null)
            <figure data-thing="{{ \App\Board\Thing::figure($group->stops[0]->content) }}"
                @class(['figure', 'is-wide' => $page->stacks($board->figure())])>{!! $page->figure($board->figure())
                !!}</figure>
            @if ($page->stacks($board->figure()))
                <figure class="figure is-tall" aria-hidden="true">{!! $page->figure($board->figure(), true) !!}</figure>
            @endif
            @if (!$page->isCompact($board->figure()))
                @include('board.now')
            @endif
        @elseif (($board->stop()?->content->lines ?? []) === [])
            <div id="now"></div>
        @endif
    </div>
    @if ($board->figure() !== null)
        @include('board.passed')
    @endif
</section>
