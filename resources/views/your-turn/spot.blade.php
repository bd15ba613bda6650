<x-page :title="__('spot.title') . ': ' . $hunt->task->problem->source" body="turn">
    <div id="turn">
        <x-masthead :closed="$hunt->door !== null">
            <p class="board-method">{{ __('spot.title') }}</p>
            @if ($hunt->address->lesson !== null)<x-lesson-line :code="$hunt->address->lesson" />@endif
        </x-masthead>
        <main id="work" class="turn-desk" tabindex="0">
            <section class="turn-sheet spot-sheet">
                <p class="turn-problem line">{!! $page->maths($hunt->task->problem->node) !!}</p>
                <h1 class="spot-ask">{{ $hunt->lines === [] ? __('spot.none') : __('spot.ask') }}</h1>
                <ol class="spot-lines">
                    @foreach ($hunt->lines as $line)
                        <li @class(['spot-line', 'is-picked' => $hunt->picked === $loop->iteration])>
                            <a class="spot-pick" href="{{ $hunt->pick($loop->iteration) }}"
                                aria-label="{{ __('spot.pick', ['line' => $loop->iteration]) }}"
                                @if ($hunt->picked === $loop->iteration) aria-current="true" @endif>
                                <span class="spot-number">{{ $loop->iteration }}</span>
                                @if ($line->node !== null)
                                    {!! $page->maths($line->node) !!}
                                @else
                                    <span class="marked-typed">{{ $line->typed }}</span>
                                @endif
                            </a>
                        </li>
                    @endforeach
                </ol>
                @if ($hunt->picked !== null)
                    @php($picked = $hunt->lines[$hunt->picked - 1])
                    <div @class(['notice', 'spot-said', 'is-bad' => !$hunt->isFound()]) role="status">
                        @if ($hunt->isFound())
                            <p>✓ {{ __('spot.found', ['line' => $hunt->picked]) }}</p>
                            <p>{!! $page->say($hunt->door === null ? $picked->say : $picked->hint) !!}</p>
                            @if ($hunt->door === null)
                                <p><a class="button ask-go" id="spot-mend"
                                    href="{{ $hunt->mend() }}">{{ __('spot.mend') }}</a></p>
                            @else
                                <form action="{{ $hunt->door->entry() }}" method="post">
                                    <input type="hidden" name="do" value="found">
                                    <input type="hidden" name="pick" value="{{ $hunt->picked }}">
                                    <input type="hidden" name="opened" value="{{ $hunt->door->opened }}">
                                    <button class="button ask-go" id="spot-mend">{{ __('spot.mend') }}</button>
                                </form>
                            @endif
                        @else
                            <p>{{ __($picked->verdict->value === 'follows-wrong' ? 'spot.through' : 'spot.follows',
                                ['line' => $hunt->picked]) }}</p>
                        @endif
                    </div>
                @endif
                @if ($hunt->door !== null)
                    <p class="spot-back"><a class="button is-small"
                        href="{{ $hunt->door->back }}">{{ __('handed.back') }}</a></p>
                @endif
            </section>
        </main>
    </div>
</x-page>
