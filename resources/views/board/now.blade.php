<div id="now" class="now-lines">
    @foreach ($board->stop()?->content->lines ?? [] as $line)
        <x-line :line="$line" :presented="$board->address->present" now />
    @endforeach
</div>
