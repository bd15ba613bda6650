@props(['chosen', 'any' => false])
<select class="input" name="slip">
    @if ($any)<option value="">{{ __('handed.slip-any') }}</option>@endif
    @foreach (\Runel\Slip\Slip::cases() as $slip)
        <option value="{{ $slip->value }}"
            @selected($slip->value === $chosen)>{{ $page->plain(\Runel\Message\Message::of("slip.$slip->value.name"))
            }}</option>
    @endforeach
</select>
