@inject('faces', 'App\Faces\Faces')
@php($maths = $faces->mathematics($reading->address->style))
<x-page body="bench">
    <x-masthead><p class="tagline">{{ __('ui.tagline') }}</p><a class="masthead-link" href="/style{{ $reading->address->problem === '' ? '' : '?' . http_build_query(['problem' => $reading->address->problem]) }}">{{ __('ui.house-style') }}</a></x-masthead>
    <main id="work" class="bench-desk">
        <section class="bench-main">
            @if (session('notice'))
                <p class="notice" role="status">{{ session('notice') }}</p>
            @endif
            <form action="/" method="get" class="ask" id="ask">
                <label for="problem" class="ask-label">{{ __('ui.problem') }}</label>
                <div class="ask-row">
                    <input id="problem" name="problem" class="input ask-input" value="{{ $reading->address->problem }}" autocomplete="off" autocapitalize="off" spellcheck="false" maxlength="600" autofocus
                           aria-describedby="problem-hint" hx-get="/reading" hx-include="closest form" hx-trigger="input changed delay:90ms" hx-target="#reading" hx-sync="this:replace">
                    <button class="button ask-go" id="demonstrate">{{ __('ui.demonstrate') }} <kbd>↵</kbd></button>
                </div>
                <input type="hidden" name="{{ App\Http\Middleware\HouseStyleFromRequest::COMPLETE }}" value="1">
                @foreach ($reading->address->style->chosen() as $key => $value)
                    <input type="hidden" name="{{ $key }}" value="{{ $value }}">
                @endforeach
                <p id="problem-hint" class="hint">{{ __('ui.problem-hint') }}</p>
                <div class="keypad" role="group" aria-label="{{ __('ui.keypad') }}">
                    @foreach (['x', 'y', '²', '³', '(', ')', '+', '−', '×', '÷', '½', '√(', '='] as $key)
                        <button type="button" class="button key" data-key="{{ $key }}">{{ $key }}</button>
                    @endforeach
                </div>
            </form>
            <div id="reading" aria-live="polite">@include('bench.reading')</div>
        </section>
        <aside class="shelf" aria-label="{{ __('ui.shelf') }}">
            <h2>{{ __('ui.shelf') }}</h2>
            <p class="hint">{{ __('ui.shelf-hint') }}</p>
            @foreach ($examples as $shelf => $kept)
                <h3>{{ $shelf }}</h3>
                <ul>
                    @foreach ($kept as $example)
                        <li>
                            <a href="{{ App\Http\Address::for($example->problem, $example->method, $reading->address->style)->to('/board') }}">
                                <span class="shelf-problem">{!! $example->html($maths) !!}</span>
                                <span class="shelf-note">{{ $example->note }}</span>
                            </a>
                            <form action="/examples/{{ $example->id }}" method="post">
                                @csrf
                                @method('DELETE')
                                <button class="shelf-remove" aria-label="{{ __('ui.remove', ['problem' => $example->problem]) }}">×</button>
                            </form>
                        </li>
                    @endforeach
                </ul>
            @endforeach
        </aside>
    </main>
</x-page>
