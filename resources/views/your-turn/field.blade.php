@if ($turn->door === null)
<form class="turn-field" id="field" action="{{ $turn->path() }}" method="get" hx-get="{{ $turn->path() }}"
    hx-target="#turn" hx-push-url="true">
@else
<form class="turn-field" id="field" action="{{ $turn->door->entry() }}" method="post"
    hx-post="{{ $turn->door->entry() }}" hx-target="#turn">
    @if ($turn->door->notice !== null)
        <p class="notice is-bad" role="alert">{{ __($turn->door->notice) }}</p>
    @endif
@endif
    @foreach (\App\Address\Hidden::fields($turn->sent()) as [$name, $value])
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
    @endforeach
    <label for="draft"
        class="turn-label">{{ __($turn->isMending() ? 'turn.mend' : ($turn->query->lines === [] ? 'turn.first'
        : 'turn.next')) }}</label>
    @if (!$turn->isMending() && $turn->stillWants())
        <p class="turn-wants">{{ __('turn.still') }}:
            {{ $page->plain(\Runel\Message\Message::of('pile.wants.' . $turn->marking->wants->value)) }}</p>
    @endif
    <div class="turn-row">
        <input class="input turn-input" id="draft" name="next" value="{{ $turn->draft() }}" autocomplete="off"
            autocapitalize="off" spellcheck="false" maxlength="400"
            @if ($turn->address->lesson === null) autofocus @endif aria-describedby="draft-read"
               hx-get="{{ route('line-reading', [],
                   false) }}?{{ http_build_query(['problem' => $turn->address->problem()]) }}" hx-trigger="input
                   changed delay:90ms" hx-target="#draft-read" hx-push-url="false" hx-sync="this:replace">
        <button class="button ask-go" id="write" @if ($turn->door !== null) name="do"
            value="{{ $turn->isMending() ? 'mend' : 'write' }}" @endif>{{ __('turn.write') }} <kbd>↵</kbd></button>
    </div>
    <x-pad for="draft" :letters="$turn->task->problem->letters" />
    <div id="draft-read" class="turn-read"
        aria-live="polite">@if ($turn->isMending()
        && $turn->last()->verdict->value ===
        'unreadable')@include('your-turn.reading',
        ['read' => \App\Turn\LineRead::of($turn->address, $turn->draft())])@endif</div>
    @if ($turn->isMending() && $turn->last()->verdict->value !== 'unreadable')
        <p class="turn-anyway"><a id="go-on" href="{{ $turn->to(['on' => 1]) }}" hx-get="{{ $turn->to(['on' => 1]) }}"
            hx-target="#turn" hx-push-url="true">{{ __('turn.go-on') }}</a></p>
    @endif
</form>
