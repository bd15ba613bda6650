<section class="open">
    <h2 class="open-name">{{ $say->word('name.phase.' . $group->phase) }}</h2>
    @php($figure = $board->figure())
    @foreach ($group->reached as $past)
        @foreach ($past->content->lines as $line)
            @if ($past->number !== $board->current && ($line->link !== Runel\Demonstration\Link::Side || $past->content->figure === null))
                <p class="line link-{{ $line->link->value }}">{!! $maths->html($line->node) !!}</p>
            @endif
        @endforeach
    @endforeach
    @if ($figure !== null)
        <figure class="figure">{!! $figures->svg($figure, $style) !!}</figure>
    @endif
    <div id="now" class="now-lines">
        @foreach ($stop->content->lines as $line)
            <p class="line is-now link-{{ $line->link->value }}">{!! $maths->html($line->node) !!}</p>
        @endforeach
    </div>
</section>
