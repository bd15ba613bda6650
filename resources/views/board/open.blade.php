<section class="open">
    <h2 class="open-name">{{ $say->word('name.phase.' . $group->phase) }}</h2>
    @php($figure = $board->figure())
    <div class="lines">
        @foreach ($group->reached as $past)
            @foreach ($past->content->lines as $line)
                @if ($past->number === $board->shown ? $figure === null : ($line->link !== Runel\Demonstration\Link::Side || $past->content->figure === null))
                    <x-line :line="$line" :maths="$maths" :now="$past->number === $board->shown" :id="$figure === null && $past->number === $board->shown && $loop->last ? 'now' : null" />
                @endif
            @endforeach
        @endforeach
    </div>
    @if ($figure !== null)
        <figure class="figure">{!! $figures->svg($figure, $style) !!}</figure>
        <div id="now" class="now-lines">
            @foreach ($stop?->content->lines ?? [] as $line)
                <x-line :line="$line" :maths="$maths" now />
            @endforeach
        </div>
    @elseif (($stop?->content->lines ?? []) === [])
        <div id="now"></div>
    @endif
</section>
