<x-page :title="__('slates.title')" body="slate">
    <x-masthead closed><p class="board-method">{{ $room->code }}</p></x-masthead>
    @if ($member === null)
        <main id="work" class="slate-desk" tabindex="0">
            <h1>{{ __('slates.who') }}</h1>
            @if ($refused !== null)<p class="refusal" role="alert">{!! $page->say($refused) !!}</p>@endif
            @if ($learners !== [])
                <form action="{{ route('slate.join', ['code' => $room->code], false) }}" method="post"
                    class="slate-names">
                    @foreach ($learners as $learner)
                        <button class="button" name="learner" value="{{ $learner->id }}">{{ $learner->name }}</button>
                    @endforeach
                </form>
                <p class="hint">{{ __('slates.or-name') }}</p>
            @endif
            <form action="{{ route('slate.join', ['code' => $room->code], false) }}" method="post"
                class="slate-form">
                <label for="slate-name">{{ __('slates.nickname') }}</label>
                <input class="input" id="slate-name" name="name" maxlength="{{ \App\Slates\Slates::LONGEST_NAME }}"
                    value="{{ $typed }}" autocomplete="off" spellcheck="false" required>
                <p class="hint">{{ __('slates.nickname-hint') }}</p>
                <button class="button ask-go" id="slate-in">{{ __('slates.enter') }}</button>
            </form>
        </main>
    @else
        @include('live-room.question')
    @endif
</x-page>
