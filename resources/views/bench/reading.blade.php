@if ($reading->refusal !== null && $reading->problem === null)
    <div class="refusal" role="alert">
        @if ($reading->refusal->at !== null)
            <x-pointed :typed="$reading->address->problem()" :at="$reading->refusal->at" />
        @endif
        <p class="refusal-reason">{!! $page->say($reading->refusal->reason) !!}</p>
    </div>
@elseif ($reading->worksheet !== null)
    @include('bench.worksheet', ['sheet' => $reading->worksheet])
@elseif ($reading->problem !== null)
    <p class="understood"><span
        class="understood-label">{{ __('ui.understood') }}</span>{!! $page->maths($reading->shown()) !!}</p>
    @if ($reading->structures() !== [])
        <p class="seen"><span class="understood-label">{{ __('structure.seen.label') }}</span>
            {!! implode('; ', array_map(static fn($seen): string => $page->say($seen->says()),
                $reading->structures())) !!}</p>
    @endif
    @if ($reading->heard() !== [])
        <ul class="heard" aria-label="{{ __('ui.heard') }}">
            @foreach ($reading->heard() as $heard)
                @php($changes = $reading->changes($heard))
                <li class="heard-part">
                    @if ($changes !== [])
                        <details class="heard-change">
                            <summary><span class="heard-kind">{{ __("ui.heard-kind.$heard->kind") }}</span>
                                {{ $heard->text }}</summary>
                            <ul>
                                @foreach ($changes as $phrase => $link)
                                    <li><a href="{{ $link }}">{{ $phrase }}</a></li>
                                @endforeach
                            </ul>
                        </details>
                    @else
                        <span class="heard-kind">{{ __("ui.heard-kind.$heard->kind") }}</span> {{ $heard->text }}
                    @endif
                    @if ($reading->canDoWithout($heard))
                        <a class="heard-off" href="{{ $reading->without($heard) }}"
                           aria-label="{{ __('ui.heard-off', ['part' => $heard->text]) }}">×</a>
                    @endif
                </li>
            @endforeach
        </ul>
    @endif
    @if ($reading->passed() !== [])
        <p class="hint heard-passed">{{ __('ui.heard-passed') }}
            @foreach ($reading->passed() as $heard)
                “{{ $heard->text }}”@if ($reading->asMathematics($heard) !== null)
                (<a href="{{ $reading->asMathematics($heard) }}">{{ __('ui.heard-maths') }}</a>)@endif{{ $loop->last
                ? '' : ',' }}
            @endforeach
        </p>
    @endif
    @if ($reading->otherwise() !== null)
        @php([$other, $link] = $reading->otherwise())
        <p class="hint heard-passed" id="otherwise">{{ __('ui.read-otherwise') }}
            <a href="{{ $link }}">{!! $page->maths($other) !!}</a></p>
    @endif
    @if ($reading->turnedDown() !== null)
        <p class="refusal refusal-reason" role="alert">{!! $page->say($reading->turnedDown()) !!}</p>
    @endif
    @foreach ($reading->fitting() as $job => $offers)
        <h2 class="cards-title"><span>{{ $page->jobName($job) }}</span> {{ __('ui.pick') }}@if (count($offers) > 1)<a
            class="cards-all"
            href="{{ $reading->address->to('roads', ['job' => $job, 'method' => null,
            'step' => null]) }}">{{ __('ui.all-roads') }}</a>@endif</h2>
        <ul class="ways-rows">
            @foreach ($offers as $offer)
                @php($forecast = $offer->forecast)
                <li>
                    <a @class(['card-way', 'is-first' => $loop->first && $loop->parent->first])
                        href="{{ $reading->address->to('board', ['job' => $job, 'method' => $offer->method->id(),
                        'step' => 1]) }}" @if ($loop->first && $loop->parent->first) id="first-way" @endif>
                        <strong>{{ $page->methodName($job, $offer->method->id()) }}</strong>
                        <span class="card-cost">{{ trans_choice('ui.steps', $forecast->steps) }}</span>
                        <span class="card-cost">@if ($forecast->trials > 0){{ trans_choice('ui.trials',
                            $forecast->trials) }}@elseif ($forecast->products > 0){{ trans_choice('ui.products',
                            $forecast->products) }}@endif</span>
                        <span class="card-cost">@if ($forecast->fractions){{ __('ui.fractions') }}@endif</span>
                        <span class="card-advice">{!! $page->say($forecast->advice) !!}</span>
                    </a>
                </li>
            @endforeach
        </ul>
    @endforeach
    @if ($reading->subjects() !== [])
        <p class="heard" id="subjects">
            <span class="heard-ask">{{ __('ui.for-which') }}</span>
            @foreach ($reading->subjects() as $letter => $link)
                <a class="button is-small" href="{{ $link }}">{{ __('ui.for-letter', ['letter' => $letter]) }}</a>
            @endforeach
        </p>
    @elseif ($reading->fitting() === [] && $reading->turnedDown() === null && $reading->refused() !== [])
        <p class="refusal refusal-reason" role="status">{!! $page->say($reading->whyNone()) !!}</p>
    @endif
    @if ($reading->refused() !== [])
        <details class="not-fitting">
            <summary>{{ __('ui.not-fitting') }}</summary>
            <dl>
                @foreach ($reading->refused() as $offer)
                    <dt>{{ $page->methodName($offer->method->job(), $offer->method->id()) }}</dt>
                    <dd>{!! $page->say($offer->refusal->reason) !!}</dd>
                @endforeach
            </dl>
        </details>
    @endif
    <p class="keep"><a class="button is-small" id="your-turn"
        href="{{ $reading->address->to('your-turn', ['method' => null, 'step' => null]) }}">{{ __('ui.let-try') }}</a>
        <button form="keep" name="problem" value="{{ $reading->address->problem() }}"
        class="button is-small">{{ __('ui.keep') }}</button></p>
@else
    {!! $starters !!}
@endif
