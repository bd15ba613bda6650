@props(['typed', 'again' => null])
@if ($typed !== [])
    <form @if ($again !== null) action="{{ $again }}" method="post" @endif class="typed-back">
        <p>{{ __('ui.typed-here') }}</p>
        @csrf
        @foreach ($typed as [$name, $text])
            <textarea class="textarea" name="{{ $name }}" rows="{{ min(12, substr_count($text, "\n") + 2) }}" readonly
                aria-label="{{ __('ui.typed-here') }}">{{ $text }}</textarea>
        @endforeach
        @if ($again !== null)
            <p><button class="button ask-go">{{ __('ui.send-again') }}</button></p>
        @endif
    </form>
@endif
