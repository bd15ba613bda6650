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
@endif
