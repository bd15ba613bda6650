@php($hunt = $board->figure())
@if ($hunt instanceof Runel\Demonstration\Figure\PairHunt)
    <form class="own-pair" action="/board" method="get" hx-get="/board" hx-target="#board" hx-push-url="true">
        @foreach ($board->address->query(['step' => $board->current, 'pair' => null]) as $name => $value)
            <input type="hidden" name="{{ $name }}" value="{{ $value }}">
        @endforeach
        <label class="margin-label" for="own">{{ __('hunt.own.title') }}</label>
        <div class="answering"><input class="input" id="own" name="pair" placeholder="6, −10" autocomplete="off" maxlength="40" value="{{ $board->address->pair }}"><button class="button">{{ __('hunt.own.test') }}</button></div>
    </form>
    @if ($board->ownPair() !== null)
        <p class="verdict {{ $board->ownPair()->fits ? 'is-right' : 'is-wrong' }}" role="status">{{ $board->ownPair()->fits ? '✓' : '✗' }} {!! $say->say($board->ownPair()->message) !!}</p>
    @endif
@endif
@if (($hunt instanceof Runel\Demonstration\Figure\PairHunt || $hunt instanceof Runel\Demonstration\Figure\ArrangementHunt) && $hunt->folded !== [])
    <details class="unfold">
        <summary>{{ trans_choice('ui.unfold', $hunt->passed) }}</summary>
        <ol tabindex="0">
            @foreach ($hunt->folded as $row)
                @if ($row instanceof Runel\Demonstration\Figure\PairRow)
                    <li>{{ $row->number }}. {{ $row->left }}, {{ $row->right }} → {{ $row->sum() }}</li>
                @else
                    <li>{{ $row->number }}. {{ $row->m }}, {{ $row->n }} | {{ $row->r }}, {{ $row->s }} → {{ $row->total }}</li>
                @endif
            @endforeach
            @if ($hunt->passed > count($hunt->folded))
                <li>…</li>
            @endif
        </ol>
    </details>
@endif
