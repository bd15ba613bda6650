<section class="open">
    <h2 class="open-name">{{ $page->say($group->title) }}</h2>
    <div class="lines">
        @foreach ($group->reached as $past)
            @foreach ($board->onSheet($past) as $line)
                <x-line :line="$line" :now="$past->number === $board->shown" :id="$board->figure() === null && $past->number === $board->shown && $loop->last ? 'now' : null" />
            @endforeach
        @endforeach
    </div>
    @if ($board->figure() !== null)
        <figure class="figure">{!! $page->figure($board->figure()) !!}</figure>
        <div id="now" class="now-lines">
            @foreach ($board->stop()?->content->lines ?? [] as $line)
                <x-line :line="$line" now />
            @endforeach
        </div>
    @elseif (($board->stop()?->content->lines ?? []) === [])
        <div id="now"></div>
    @endif
</section>
