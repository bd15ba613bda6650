<div id="now" class="now-lines">
    @foreach ($board->stop()?->content->lines ?? [] as $line)
        <x-line :line="$line" :thing="\App\Board\Thing::line($board->stop()->content, $line)"
            :presented="$board->address->present" now />
    @endforeach
</div>
