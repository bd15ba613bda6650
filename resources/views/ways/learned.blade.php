<x-page :title="__('learning.title')" body="house">
    <x-masthead><h1 class="board-problem" tabindex="0">{{ __('learning.title') }}</h1><p class="board-method"><a
        id="way-back" href="{{ route('style', [], false) }}">{{ __('style.title') }}</a></p></x-masthead>
    <main id="work" class="house-desk">
        @if ($refused !== null)
            <p class="refusal refusal-reason" role="alert">{!! $page->say($refused) !!}</p>
        @elseif ($learned === null)
            <p class="refusal refusal-reason" role="alert">{{ __('learning.lines', ['most' => 60]) }}</p>
        @elseif ($learned->count() === 0)
            <p class="notice is-bad" role="status">{{ __('learning.none') }}</p>
        @else
            <p class="notice" role="status">{{ trans_choice('learning.found', $learned->count(),
                ['of' => $learned->lines()]) }}
                {{ __('learning.way', ['method' => $house->methodName($learned->job, $learned->method)]) }}</p>
            @if ($learned->contradicted !== [])
                <p class="notice is-bad">{{ __('learning.contradicted', ['keys' => implode(', ', array_map(
                    static fn(string $key): string => __("style.key.$key"), $learned->contradicted))]) }}</p>
            @endif
            <h2 class="switch-subject">{{ __('learning.set') }}</h2>
            @if ($learned->style->chosen() === [])
                <p>{{ __('learning.usual') }}</p>
            @else
                <ul class="learned-keys">
                    @foreach ($learned->style->chosen() as $key => $value)
                        <li><strong>{{ __("style.key.$key") }}</strong>: {{ __("style.value.$key.$value") }}</li>
                    @endforeach
                </ul>
            @endif
            <form action="{{ route('style.keep', [], false) }}" method="post" class="learned-keep">
                @csrf
                @foreach ($learned->style->all() as $key => $value)
                    <input type="hidden" name="{{ $key }}" value="{{ $value }}">
                @endforeach
                <button class="button ask-go">{{ __('learning.keep') }}</button>
                <label>{{ __('learning.name') }} <input class="input" name="name" maxlength="40" autocomplete="off"
                    placeholder="{{ __('style.name-example') }}"></label>
                <a class="button" href="{{ $board }}">{{ __('learning.board') }}</a>
            </form>
        @endif
        @foreach ($learned?->examples ?? [] as $number => $example)
            <h2 class="switch-subject">{!! $page->maths($example->problem->node) !!}</h2>
            <div class="compared learned" role="table" aria-label="{{ __('compare.table') }}">
                <div class="compared-row compared-head" role="row">
                    <span role="columnheader">{{ __('learning.theirs') }}</span>
                    <span role="columnheader">{{ __('learning.ours') }}</span>
                </div>
                @foreach ($learned->rows($number, count($roads[$number])) as [$theirs, $ours])
                    @php($line = $theirs === null ? null : $example->lines[$theirs])
                    <div @class(['compared-row', 'is-same' => $theirs !== null && $ours !== null,
                        'is-first' => $theirs !== null && $ours === null]) role="row">
                        <div class="compared-cell" role="cell">@if ($line !== null)
                            <p class="learned-line">@if ($ours === null)<span class="compared-mark"
                                aria-hidden="true">≠</span>@endif{!! $line->node === null ? e($line->typed)
                                : $page->maths($example->shown($theirs)) !!}</p>
                            @if ($ours === null)
                                <p class="compared-why">@if ($line->verdict->isFault()){{ __('learning.wrong') }}
                                    {!! $page->say($line->say) !!}@elseif ($line->node === null){{
                                    __('learning.unread') }}@else{{ __('learning.other') }}@endif</p>
                            @endif
                        @endif</div>
                        <div class="compared-cell" role="cell">@if ($ours !== null)
                            <p class="learned-line">{!! $house->maths($roads[$number][$ours]->node) !!}</p>
                        @endif</div>
                    </div>
                @endforeach
            </div>
        @endforeach
        @include('ways.learn')
    </main>
</x-page>
