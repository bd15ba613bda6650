@if ($board->pairHunt() !== null)
    <form class="own-pair" action="{{ route('board', [], false) }}" method="get"
        hx-get="{{ route('board', [], false) }}" hx-target="#board" hx-push-url="true">
        @foreach ($board->address->query(['step' => $board->current, 'pair' => null]) as $name => $value)
            <input type="hidden" name="{{ $name }}" value="{{ $value }}">
        @endforeach
        <label class="margin-label" for="own">{{ __('ui.own-pair') }}</label>
        <div class="answering"><input class="input" id="own" name="pair" placeholder="6, −10" autocomplete="off"
            maxlength="40" value="{{ $board->address->pair }}"><button
            class="button">{{ __('ui.own-pair-test') }}</button></div>
    </form>
    @if ($board->ownPair() !== null)
        <p class="verdict {{ $board->ownPair()->fits ? 'is-right' : 'is-wrong' }}"
            role="status">{{ $board->ownPair()->fits ? '✓' : '✗' }} {!! $page->say($board->ownPair()->message) !!}</p>
    @endif
@endif
