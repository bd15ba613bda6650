<x-page body="bench">
    <x-masthead here="bench">
        <x-style-link :place="$reading->address->place()" />
    </x-masthead>
    <main id="work" class="bench-desk">
        <section class="bench-main">
            @if (session('notice'))
                <p class="notice" role="status">{{ session('notice') }}</p>
            @endif
            <form action="{{ route('bench', [], false) }}" method="get" class="ask" id="ask">
                <label for="problem" class="ask-label">{{ __('ui.problem') }}</label>
                <div class="ask-row">
                    <textarea id="problem" name="problem"
                        @class(['textarea', 'ask-input', 'is-sheet' => $reading->worksheet !== null]) rows="1"
                        autocomplete="off"
                              autocapitalize="off" spellcheck="false" maxlength="6000" autofocus
                              aria-describedby="problem-hint" hx-get="{{ route('reading', [], false) }}"
                              hx-include="closest form" hx-trigger="input changed delay:90ms" hx-target="#reading"
                              hx-sync="this:replace">{{ $reading->address->problem() }}</textarea>
                    <button class="button ask-go foot-main"
                        id="demonstrate">{{ __('ui.demonstrate') }} <kbd>↵</kbd></button>
                </div>
                @foreach ($reading->address->query(['problem' => null, 'job' => null, 'method' => null, 'step' => null,
                    'ask' => null, 'present' => null]) as $key => $value)
                    <input type="hidden" name="{{ $key }}" value="{{ $value }}">
                @endforeach
                <p id="problem-hint" class="hint">{{ __('ui.problem-hint') }}</p>
                <x-pad for="problem" :letters="$reading->problem?->letters ?: ['x', 'y']" />
            </form>
            <div id="reading" aria-live="polite">@include('bench.reading')</div>
            <form action="{{ route('examples.store', [], false) }}" method="post" id="keep">@csrf</form>
            <details class="sheet-upload" @if (session('sheet-refused')) open @endif>
                <summary>{{ __('ui.sheet-file') }}</summary>
                <form action="{{ route('sheet.read', [], false) }}" method="post" enctype="multipart/form-data">
                    @csrf
                    @if (session('sheet-refused'))
                        <p class="refusal refusal-reason" role="alert">{{ session('sheet-refused') }}</p>
                    @endif
                    <x-file-field id="sheet-file" :aria-label="__('ui.sheet-file')"
                        accept=".txt,.md,.tex,text/plain,text/markdown,application/x-tex" />
                    <button class="button is-small" id="sheet-read">{{ __('ui.sheet-read') }}</button>
                </form>
            </details>
        </section>
        <aside class="shelf" aria-label="{{ __('ui.shelf') }}">
            <details class="today-fold" id="today-fold" open>
                <summary>{{ __('today.title') }}</summary>
                <div id="today" hx-get="{{ route('today', [], false) }}" hx-trigger="load" hx-push-url="false"></div>
            </details>
            <h2>{{ __('ui.shelf') }}</h2>
            @if ($shelf === null)
                <p class="notice is-bad" role="status">{{ __('ui.shelf-unavailable') }}</p>
            @else
                <p class="hint">{{ __('ui.shelf-hint') }}</p>
                <form method="post" id="remove">
                    @csrf
                    @method('DELETE')
                </form>
                <input class="input" id="shelf-filter" type="search" hidden autocomplete="off" spellcheck="false"
                    aria-label="{{ __('ui.shelf-filter') }}" placeholder="{{ __('ui.shelf-filter') }}">
                {!! $shelf !!}
            @endif
        </aside>
    </main>
</x-page>
