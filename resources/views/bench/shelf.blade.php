@foreach ($shelves as $shelf => $problems)
    <h3>{{ __("ui.shelves.$shelf") }}</h3>
    <ul>
        @foreach ($problems as $kept)
            <li>
                <a href="{{ App\Address\Address::for($kept->reference)->to('board') }}">
                    <span class="shelf-problem">@if ($kept->node !== null){!! $page->maths($kept->node) !!}@else{{
                        $kept->reference->problem }}@endif</span>
                    <span class="shelf-note">{{ $kept->note }}</span>
                </a>
                <button class="shelf-remove" form="remove"
                    formaction="{{ route('examples.destroy', $kept->id, false) }}"
                        aria-label="{{ __('ui.remove', ['problem' => $kept->reference->problem]) }}">×</button>
            </li>
        @endforeach
    </ul>
@endforeach
