<x-page :title="$demonstration->task->problem->source" body="paper">
    <main id="work" class="print-sheet">
        <div class="print-tools">
            <a class="button" href="{{ $address->to('board', ['step' => 'last']) }}">{{ __('ui.to-board') }}</a>
            <button type="button" class="button" id="print-now">{{ __('ui.print') }}</button>
            <button type="button" class="button" id="print-ink" aria-pressed="false"
                hidden>{{ __('ui.ink.on-paper') }}</button>
            <p class="hint" id="print-ink-left" role="status" data-one="{{ __('ui.ink.left-one') }}"
                data-many="{{ __('ui.ink.left-many') }}"></p>
            <a @class(['option', 'is-taken' => $card !== null]) id="with-card"
                href="{{ $address->to('print') }}{{ $sheet->fade > 0 ? '&fade=' . $sheet->fade : '' }}{{
                $card === null ? '&card=1' : '' }}" @if ($card !== null) aria-current="true"
                @endif>{{ __('card.with') }}</a>
            <nav class="print-fades" aria-label="{{ __('ui.fade') }}">
                @foreach (__('ui.fades') as $fade => $name)
                    <a @class(['option', 'is-taken' => $sheet->fade === $fade])
                        href="{{ $address->to('print') }}{{ $fade > 0 ? '&fade=' . $fade : '' }}{{
                        $card === null ? '' : '&card=1' }}"
                        @if ($sheet->fade === $fade) aria-current="true" @endif>{{ $name }}</a>
                @endforeach
            </nav>
        </div>
        <header class="print-head">
            <h1>{!! $page->maths($demonstration->task->problem->node) !!}</h1>
            @if (!$sheet->isProblemAlone())
                <p>{{ $page->methodName($demonstration->job, $demonstration->method) }}</p>
            @else
                <p>{{ $page->jobName($demonstration->job) }}</p>
            @endif
        </header>
        @if ($card !== null)
            <section>
                <h2>{{ __('card.title') }}</h2>
                <ol class="method-card">
                    @foreach ($card->lines as $line)
                        <li>{!! $page->say($line->words) !!}</li>
                    @endforeach
                </ol>
            </section>
        @endif
        @include('sheet.work')
        @if ($sheet->fade === 0 && $demonstration->furtherChecks() !== [])
            <section>
                <h2>{{ $page->word('name.phase.checking') }}</h2>
                @foreach ($demonstration->furtherChecks() as $check)
                    <article class="print-step" data-thing="{{ \App\Board\Thing::check($check) }}">
                        <div class="print-work">@foreach ($check->lines as $line)
                                {!! $page->line($line, thing: \App\Board\Thing::line($check, $line)) !!}
                            @endforeach
                            </div>
                        <p class="print-why"><strong>✓ {!! $page->heading($check->title) !!}</strong>
                            {!! $page->say($check->why) !!}</p>
                    </article>
                @endforeach
            </section>
        @endif
    </main>
</x-page>
