<details class="folded">
    <summary><span class="folded-name">{{ $say->word('name.phase.' . $group->phase) }}</span>@if ($group->last !== null)<span class="folded-line">{!! $maths->html($group->last->node) !!}</span>@endif</summary>
    @foreach ($group->reached as $past)
        @foreach ($past->content->lines as $line)
            <p class="line">{!! $maths->html($line->node) !!}</p>
        @endforeach
    @endforeach
</details>
