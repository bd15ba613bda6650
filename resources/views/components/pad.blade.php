@props(['for', 'letters' => ['x']])
@php($letter = $letters[0] ?? 'x')
{{-- Keys for a thumb; a keyboard keeps the plain field as it is. A second leaf has what is seldom wanted. --}}
<div class="pad" data-pad="{{ $for }}" role="group" aria-label="{{ __('ui.keypad') }}" hidden>
    @foreach ([
        ['7', '8', '9', '(', ')', '⌫'],
        ['4', '5', '6', '+', $letter, '−'],
        ['1', '2', '3', '·', 'a/b', $letter . '²'],
        ['0', '.', '=', '√', '…', '↵'],
    ] as $row)
        @foreach ($row as $key)
            <button type="button" class="pad-key" data-write="{{ $key }}" @if ($key === '⌫')
                aria-label="{{ __('ui.pad-rub') }}" @elseif ($key === '↵') aria-label="{{ __('ui.pad-enter') }}"
                @elseif ($key === '…') aria-label="{{ __('ui.pad-more') }}"
                @endif>{{ $key }}</button>
        @endforeach
    @endforeach
    <div class="pad-leaf" hidden>
        @foreach ([...array_slice($letters, 1, 5), '±', '÷', '³', 'xⁿ', '∛', 'ⁿ√', ', ', __('ui.pad-or'), '←', '→',
            __('ui.pad-abc')] as $key)
            <button type="button" class="pad-key" data-write="{{ match ($key) {
                __('ui.pad-or') => ' or ', __('ui.pad-abc') => 'abc', default => $key } }}" @if ($key === '←')
                aria-label="{{ __('ui.pad-left') }}" @elseif ($key === '→') aria-label="{{ __('ui.pad-right') }}"
                @elseif ($key === '∛') aria-label="{{ __('ui.pad-cube-root') }}"
                @elseif ($key === 'ⁿ√') aria-label="{{ __('ui.pad-root') }}"
                @endif>{{ trim($key) }}</button>
        @endforeach
    </div>
</div>
