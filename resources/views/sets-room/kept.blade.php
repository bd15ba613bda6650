@if ($kept === null)
    <p class="notice is-bad" role="status">{{ __('sets.unavailable') }}</p>
@elseif ($kept !== [])
    <h2 class="margin-label">{{ __('sets.kept') }}</h2>
    <form method="post" id="remove">
        @csrf
        @method('DELETE')
    </form>
    <ul class="kept-sets">
        @foreach ($kept as [$id, $name, $count])
            <li><a @class(['option', 'is-taken' => $query->kept === $id])
                href="{{ route('sets', ['kept' => $id], false) }}">{{ $name }}
                <span class="hint">{{ trans_choice('sets.problems', $count) }}</span></a> <button class="shelf-remove"
                data-undo="{{ __('ui.undo') }}" data-gone="{{ __('sets.removed') }}" form="remove"
                formaction="{{ route('remove-set', ['set' => $id], false) }}"
                aria-label="{{ __('sets.remove', ['name' => $name]) }}">×</button></li>
        @endforeach
    </ul>
@endif
