@props(['chosen'])
<select class="input" name="slip">
    @foreach (\Runel\Slip\Slip::cases() as $slip)
        <option value="{{ $slip->value }}"
            @selected($slip->value === $chosen)>{{ $page->plain(\Runel\Message\Message::of("slip.$slip->value.name"))
            }}</option>
    @endforeach
</select>
