@foreach ($shelves as $shelf => $problems)
    <details class="shelf-group" @if ($loop->first || $shelf === \App\Shelf\Shelf::OWN) open @endif>
        <summary><h3>{{ __("ui.shelves.$shelf") }}</h3> <span class="hint">{{ count($problems) }}</span></summary>
        <ul>
            @foreach ($problems as $kept)
                <li data-find="{{ $kept->reference->problem }} {{ $kept->note }} {{ __("ui.shelves.$shelf") }}">
                    <a href="{{ App\Address\Address::for($kept->reference)->to('board') }}">
                        <span class="shelf-problem">@if ($kept->node !== null){!! $page->maths($kept->node) !!}@else{{
                            $kept->reference->problem }}@endif</span>
                        <span class="shelf-note">{{ $kept->note }}</span>
                    </a>
                    <button class="shelf-remove" form="remove" data-undo="{{ __('ui.undo') }}"
                        data-gone="{{ __('ui.shelf-removed') }}"
                        formaction="{{ route('examples.destroy', $kept->id, false) }}"
                            aria-label="{{ __('ui.remove', ['problem' => $kept->reference->problem]) }}">×</button>
                </li>
            @endforeach
        </ul>
    </details>
@endforeach
