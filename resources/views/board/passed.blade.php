@if ($board->passedOver() !== [])
    <details class="unfold" open>
        <summary>{{ trans_choice('ui.unfold', $board->passedCount()) }}</summary>
        <ol tabindex="0">
            @foreach ($board->passedOver() as $row)
                <li>{{ $row }}</li>
            @endforeach
            @if ($board->passedCount() > count($board->passedOver()))
                <li>…</li>
            @endif
        </ol>
    </details>
@endif
