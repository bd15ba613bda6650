<section class="open">
    <h2 class="open-name">{{ $say->word('name.phase.' . $group->phase) }}</h2>
    @php($figure = $board->figure())
    @foreach ($group->reached as $past)
        @foreach ($past->content->lines as $line)
            @if ($past->number !== $board->shown && ($line->link !== Runel\Demonstration\Link::Side || $past->content->figure === null))
                <x-line :line="$line" :maths="$maths" />
            @endif
        @endforeach
    @endforeach
    @if ($figure !== null)
        <figure class="figure">{!! $figures->svg($figure, $style) !!}</figure>
    @endif
    <div id="now" class="now-lines">
        @foreach ($stop?->content->lines ?? [] as $line)
            <x-line :line="$line" :maths="$maths" now />
        @endforeach
    </div>
</section>
