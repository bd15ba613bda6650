@if ($why === null)
    <p>{{ __('why.none') }}</p>
@else
    <p>{!! $page->say($why->law) !!}</p>
    @if ($why->numbers !== [])
        @php($numbers = implode(', ', array_map($page->maths(...), $why->numbers)))
        <p>{!! str_replace(':numbers', $numbers, e(__($why->solves ? 'why.see-solved' : 'why.see'))) !!}</p>
        @foreach (['before', 'after'] as $which)
            @if ($why->$which !== [])
                @if ($why->before !== [])<h4 class="hint">{{ __("why.$which") }}</h4>@endif
                @foreach ($why->$which as $line)
                    <p class="why-line">{!! $page->maths($line->node) !!}</p>
                @endforeach
            @endif
        @endforeach
    @endif
    @if ($why->picture !== null)
        <figure class="figure why-picture">{!! $page->figure($why->picture) !!}</figure>
        <p class="hint">{{ __('why.picture.' . $why->picture->type()) }}</p>
    @endif
    @if ($why->law->key === 'why.law.formula')
        <p class="why-further"><a href="{{ $board->address->to('formula', \App\Ways\InLetters::FROM_BOARD) }}">{{
            __('formula.title-reasons') }}</a> · <a href="{{ $board->address->to('letters',
            \App\Ways\InLetters::FROM_BOARD) }}">{{ __('formula.title') }}</a></p>
    @endif
    <details class="why-deeper">
        <summary>{{ __('why.once-more') }}</summary>
        <p>{!! $page->say($why->deeper()) !!}</p>
    </details>
    @if (\Runel\Why\ButWhy::lineBefore($board->demonstration, $board->shown - 1) !== null)
        <form class="why-not" action="{{ route('why', [], false) }}" method="get"
            hx-get="{{ route('why', [], false) }}" hx-target="#why-not-said" hx-push-url="false">
            @foreach ($board->address->query(['step' => $board->shown, 'ask' => null]) as $name => $value)
                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
            @endforeach
            <label for="why-not">{{ __('why.not') }}</label>
            <span class="why-not-row"><input class="input" id="why-not" name="not" maxlength="200" autocomplete="off"
                autocapitalize="off" spellcheck="false" value="{{ $asked ?? '' }}">
            <button class="button is-small">{{ __('why.not-see') }}</button></span>
        </form>
        <div id="why-not-said" class="why-not-said" aria-live="polite">@isset($asked)
            @include('board.why-not')
        @endisset</div>
    @endif
@endif
