<details class="take-away">
    <summary>{{ __('ui.take-away') }}</summary>
    <ul>
        <li><a href="{{ $board->address->to('/print', ['step' => null, 'ask' => null, 'present' => null]) }}">{{ __('ui.print') }}</a></li>
        @foreach (['tex' => 'LaTeX', 'md' => 'Markdown', 'json' => 'JSON', 'txt' => __('ui.plain-text')] as $extension => $name)
            <li><a href="{{ $board->address->to("/runel.$extension", ['step' => null, 'ask' => null, 'present' => null]) }}">{{ $name }}</a></li>
        @endforeach
        @if ($board->figure() !== null)
            <li><a href="{{ $board->address->to('/figure.svg', ['step' => $board->shown]) }}">{{ __('ui.figure-file') }}</a></li>
        @endif
    </ul>
    <p class="hint">{{ __('ui.copy-hint') }}</p>
</details>
