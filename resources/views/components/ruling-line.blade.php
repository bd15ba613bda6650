@props(['line', 'number', 'ruling', 'name', 'form' => null])
{{-- The tutor's own word on a line: what Runel says of it may be set aside. --}}
<details class="ruling" @if (isset($ruling->lines[$number]) || array_key_exists($number, $ruling->slips)) open @endif>
    <summary>{{ __('ruling.own') }}</summary>
    <label>{{ __('ruling.line') }} <select class="input" name="{{ sprintf($name, 'lines', $number) }}"
        @if ($form !== null) form="{{ $form }}" @endif>
        @foreach (['' => 'judged', 'right' => 'right', 'wrong' => 'wrong'] as $value => $word)
            <option value="{{ $value }}"
                @selected(($ruling->lines[$number] ?? '') === $value)>{{ __("ruling.$word") }}</option>
        @endforeach
    </select></label>
    @if ($line->verdict->isFault())
        <label>{{ __('ruling.slip') }} <select class="input" name="{{ sprintf($name, 'slips', $number) }}"
            @if ($form !== null) form="{{ $form }}" @endif>
            <option value="">{{ __('ruling.judged') }}</option>
            <option value="none"
                @selected(array_key_exists($number, $ruling->slips)
                && $ruling->slips[$number] === null)>{{ __('ruling.no-slip') }}</option>
            @foreach (\Runel\Slip\Slip::cases() as $slip)
                <option value="{{ $slip->value }}"
                    @selected(($ruling->slips[$number]
                    ?? null) ===
                    $slip)>{{ $page->plain(\Runel\Message\Message::of("slip.{$slip->value}.name")) }}</option>
            @endforeach
        </select></label>
    @endif
</details>
