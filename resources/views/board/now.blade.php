<div id="now" class="now-lines">
    @foreach ($board->stop()?->content->lines ?? [] as $line)
        {!! $page->line(
            $line,
            now: true,
            presented: $board->address->present,
            thing: \App\Board\Thing::line($board->stop()->content, $line),
        ) !!}
    @endforeach
</div>
