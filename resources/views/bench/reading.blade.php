@inject('faces', 'App\Faces\Faces')
@php($style = $reading->address->style)
@php($say = $faces->html($style))
@if ($reading->refusal !== null)
    @php([$before, $found, $after] = $reading->pointed())
    <div class="refusal" role="alert">
        @if ($reading->refusal->at !== null)
            <p class="pointed" aria-hidden="true"><span>{{ $before }}</span><mark>{{ $found === '' ? '␣' : $found }}</mark><span>{{ $after }}</span></p>
        @endif
        <p class="refusal-reason">{!! $say->say($reading->refusal->reason) !!}</p>
    </div>
@elseif ($reading->problem !== null)
    <p class="understood"><span class="understood-label">{{ __('ui.understood') }}</span>{!! $faces->mathematics($style)->html($reading->problem->node) !!}</p>
    @if ($reading->turnedDown() !== null)
        <p class="notice" role="status">{!! $say->say($reading->turnedDown()) !!}</p>
    @endif
    @foreach ($reading->fitting() as $job => $offers)
        <h2 class="cards-title"><span>{{ $say->word("name.job.$job") }}</span> {{ __('ui.pick') }}</h2>
        <ul class="cards">
            @foreach ($offers as $offer)
                <li>
                    <a class="card-way" href="{{ $reading->address->to('/board', ['job' => $job, 'method' => $offer->method->id(), 'step' => 1]) }}" @if ($loop->first && $loop->parent->first) id="first-way" @endif>
                        <strong>{{ $say->word('name.method.' . $offer->method->id()) }}</strong>
                        <span class="card-cost">{{ trans_choice('ui.steps', $offer->forecast->steps) }}@if ($offer->forecast->trials > 0) · {{ trans_choice('ui.trials', $offer->forecast->trials) }}@elseif ($offer->forecast->products > 0) · {{ trans_choice('ui.products', $offer->forecast->products) }}@endif @if ($offer->forecast->fractions) · {{ __('ui.fractions') }}@endif</span>
                        <span class="card-advice">{!! $say->say($offer->forecast->advice) !!}</span>
                    </a>
                </li>
            @endforeach
        </ul>
    @endforeach
    @if ($reading->notYet() !== [])
        <p class="hint">{{ __('ui.not-yet', ['jobs' => implode(', ', array_map(fn ($job) => mb_strtolower($say->word('name.job.' . $job->value)), $reading->notYet()))]) }}</p>
    @endif
    @if ($reading->refused() !== [])
        <details class="not-fitting">
            <summary>{{ __('ui.not-fitting') }}</summary>
            <dl>
                @foreach ($reading->refused() as $offer)
                    <dt>{{ $say->word('name.method.' . $offer->method->id()) }}</dt>
                    <dd>{!! $say->say($offer->refusal) !!}</dd>
                @endforeach
            </dl>
        </details>
    @endif
    <form action="/examples" method="post" class="keep">
        @csrf
        <input type="hidden" name="problem" value="{{ $reading->address->problem }}">
        <button class="button is-small">{{ __('ui.keep') }}</button>
    </form>
@else
    @inject('starters', 'App\Bench\Starters')
    <p class="waiting">{{ __('ui.wait') }}</p>
    <ul class="starters">
        @foreach ($starters->all($style) as $starter)
            <li>
                <a class="starter" href="{{ $starter['address'] }}">
                    <span class="starter-problem">{!! $faces->mathematics($style)->html($starter['problem']->node) !!}</span>
                    <span class="starter-method">{{ $say->word('name.job.' . $starter['job']) }} · {{ $say->word('name.method.' . $starter['method']) }}</span>
                    <span class="starter-picture" aria-hidden="true">{!! $starter['picture'] !!}</span>
                </a>
            </li>
        @endforeach
    </ul>
@endif
