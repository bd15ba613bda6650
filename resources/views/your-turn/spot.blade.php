<x-page :title="__('spot.title') . ': ' . $task->problem->source" body="turn">
    <div id="turn">
        <x-masthead><p class="board-method">{{ __('spot.title') }}</p></x-masthead>
        <main id="work" class="turn-desk" tabindex="0">
            <section class="turn-sheet spot-sheet">
                <p class="turn-problem line">{!! $page->maths($task->problem->node) !!}</p>
                <h1 class="spot-ask">{{ $lines === [] ? __('spot.none') : __('spot.ask') }}</h1>
                <ol class="spot-lines">
                    @foreach ($lines as $place => $line)
                        @php($number = $place + 1)
                        @php($link = $address->to('spot', ['step' => null]) . '&' . http_build_query(['page' => $typed,
                            'pick' => $number]))
                        <li @class(['spot-line', 'is-picked' => $picked === $number])>
                            <a class="spot-pick" href="{{ $link }}" aria-label="{{ __('spot.pick',
                                ['line' => $number]) }}"
                                @if ($picked === $number) aria-current="true" @endif>
                                <span class="spot-number">{{ $number }}</span>
                                @if ($line->node !== null)
                                    {!! $page->maths($line->node) !!}
                                @else
                                    <span class="marked-typed">{{ $line->typed }}</span>
                                @endif
                            </a>
                        </li>
                    @endforeach
                </ol>
                @if ($picked !== null)
                    @php($verdict = $lines[$picked - 1]->verdict->value)
                    <div @class(['notice', 'spot-said', 'is-bad' => $verdict !== 'wrong']) role="status">
                        @if ($verdict === 'wrong')
                            <p>✓ {{ __('spot.found', ['line' => $picked]) }}</p>
                            <p>{!! $page->say($lines[$picked - 1]->say) !!}</p>
                            <p><a class="button ask-go" id="spot-mend"
                                href="{{ $address->to('your-turn', ['job' => $job,
                                'method' => null, 'step' => null]) . '&' . http_build_query(['line' =>
                                array_slice($typed, 0, $picked - 1)]) }}">{{ __('spot.mend') }}</a></p>
                        @else
                            <p>{{ __($verdict === 'follows-wrong' ? 'spot.through' : 'spot.follows',
                                ['line' => $picked]) }}</p>
                        @endif
                    </div>
                @endif
            </section>
        </main>
    </div>
</x-page>
