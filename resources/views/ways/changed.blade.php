<x-page :title="$address->problem()" body="compares">
    <x-masthead>
        <h1 class="board-problem" tabindex="0">{!! $page->maths($own->task->problem->node) !!}</h1>
        <p class="board-method">{{ __('compare.changed') }}</p>
    </x-masthead>
    @php($to = static fn(string $changed): string => $address->to('changed', ['step' => null, 'ask' => null,
        'present' => null, 'changed' => $changed]))
    <main id="work" class="compare-desk">
        <p class="hint">{{ __('compare.changed-lead') }}</p>
        <div class="change-line" role="group" aria-label="{{ __('compare.changed-lead') }}">
            @foreach ($pieces as $piece)
                @if ($piece['kind'] === 'letter')
                    <i class="change-plain">{{ $piece['text'] }}</i>
                @elseif ($piece['kind'] === 'plain')
                    <span class="change-plain">{{ $piece['text'] }}</span>
                @elseif ($piece['kind'] === 'sign')
                    <a class="change-piece" href="{{ $to($piece['more']) }}"
                        aria-label="{{ __('compare.turn', ['sign' => trim($piece['text'])]) }}">{{
                        trim($piece['text']) === '-' ? '−' : trim($piece['text']) }}</a>
                @else
                    <span class="change-number">
                        <a class="change-step" href="{{ $to($piece['more']) }}"
                            aria-label="{{ __('compare.more', ['number' => $piece['text']]) }}">▲</a>
                        <span>{{ $piece['text'] }}</span>
                        @if ($piece['less'] !== null)
                            <a class="change-step" href="{{ $to($piece['less']) }}"
                                aria-label="{{ __('compare.less', ['number' => $piece['text']]) }}">▼</a>
                        @endif
                    </span>
                @endif
            @endforeach
        </div>
        <form action="{{ route('changed', [], false) }}" method="get" class="compare-ask">
            @foreach ($address->query(['step' => null, 'ask' => null, 'present' => null]) as $name => $value)
                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
            @endforeach
            <label class="compare-typed">{{ __('compare.typed') }}<input class="input" name="changed"
                value="{{ $asked }}" maxlength="300" autocomplete="off" autocapitalize="off" spellcheck="false"></label>
            <button class="button ask-go">{{ __('compare.go') }}</button>
        </form>
        @if ($refusal !== null)
            <p @class(['notice' => $both !== null, 'refusal refusal-reason' => $both === null])
                role="{{ $both === null ? 'alert' : 'status' }}">{!! $page->say($refusal) !!}@if ($both !== null)
                @php($way = $page->methodName($both->right->job, $both->right->method))
                {{ __('compare.other-way', ['method' => $way]) }}@endif</p>
        @endif
        @if ($both !== null)
            <p class="compare-said" role="status">{{ $both->differing() === 0 ? __('compare.alike')
                : __('compare.from-here') }}</p>
            <x-compared :both="$both" :leftpage="$page" :rightpage="$page"
                :lefthead="$page->text($own->task->problem->node)"
                :righthead="$page->text($both->right->task->problem->node)" />
            <p><a class="button" href="{{ $address->about((string) $asked)->to('bench') }}">{{ __('compare.take') }}</a>
            </p>
        @endif
        <p class="compare-back"><a class="button" id="pen-leave"
            href="{{ $address->to('board') }}">{{ __('ui.to-board') }} <kbd>Esc</kbd></a></p>
    </main>
</x-page>
