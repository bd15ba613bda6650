<section class="turn-done" aria-labelledby="done">
    <h2 id="done" role="status">✓ {{ trans_choice('turn.done', count($turn->query->lines)) }}</h2>
    @php($slips = array_count_values(array_map(fn($slip) => $slip->value, $turn->slips())))
    @if ($slips === [])
        <p>{{ __('turn.no-slip') }}</p>
    @else
        <p>{{ __('turn.slips-made') }}</p>
        <ul class="turn-slips">
            @foreach ($slips as $slip => $times)
                <li>{!! $page->word("slip.$slip.name") !!}@if ($times > 1)
                    <span class="times">× {{ $times }}</span>@endif: {!! $page->word("slip.$slip.watch") !!}</li>
            @endforeach
        </ul>
    @endif
    @if ($turn->checks() !== [])
        @php($check = $turn->checks()[0])
        <details class="turn-checking" @if ($turn->query->compare === null) open @endif>
            <summary class="turn-check">✓ {!! $page->say($check->title) !!}</summary>
            @foreach ($check->lines as $line)
                {!! $page->line($line) !!}
            @endforeach
        </details>
    @endif
</section>
@if ($turn->comparison() !== null)
    <section class="turn-compare" aria-labelledby="compare" tabindex="0">
        <h2 id="compare">{{ __('turn.compared', ['way' => $page->methodName($turn->job, $turn->query->compare)]) }}</h2>
        <table class="compare">
            <thead><tr><th scope="col">{{ __('turn.yours') }}</th>
                <th scope="col"><span class="unseen">{{ __('turn.pairing') }}</span></th>
                <th scope="col">{{ $page->methodName($turn->job, $turn->query->compare) }}</th></tr></thead>
            <tbody>
                @foreach ($turn->comparison()->rows as [$own, $way])
                    <tr @class(['is-pair' => $own !== null && $way !== null])>
                        <td>@if ($own?->node !== null){!! $page->maths($own->node) !!}@elseif ($own !== null){{
                            $own->typed }}@endif</td>
                        <td class="compare-sign">@if ($own !== null && $way !== null)<span role="img"
                            aria-label="{{ __('turn.pair') }}">=</span>@endif</td>
                        <td>@if ($way !== null){!! $page->maths($way->node) !!}@endif</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
@endif
