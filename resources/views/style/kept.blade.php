@if ($kept === [])
    <p class="hint">{{ __('style.none-named') }}</p>
@else
    <ul class="kept-styles">
        @foreach ($kept as $name => $address)
            <li><a class="option" href="{{ $address }}">{{ $name }}</a></li>
        @endforeach
    </ul>
@endif
<p><a href="{{ route('style', $place, false) }}">{{ __('style.all') }}</a></p>
