@include('lessons.content.demonstration')
<ol class="made-page">
    @foreach ($content->lines as $line)
        @php($isTold = $loop->iteration === $content->at && !($isHandout ?? false))
        <li @class(['is-slip' => $isTold])>{!! $page->maths($line) !!}@if ($isTold)
            <span class="hint">{{ $page->plain(\Runel\Message\Message::of("slip.{$content->slip->value}.name"))
            }}</span>@endif</li>
    @endforeach
</ol>
