<section class="worksheet" aria-labelledby="worksheet-title">
    <h2 class="cards-title" id="worksheet-title">
        <span>{{ trans_choice('ui.sheet-problems', count($sheet->rows)) }}</span>
        @if ($sheet->unread() > 0)
            {{ trans_choice('ui.sheet-unread', $sheet->unread()) }}
        @endif
    </h2>
    @if ($sheet->more !== [])
        <p class="refusal refusal-reason" role="status">
            {{ trans_choice('ui.sheet-more', count($sheet->more), ['most' => \App\Bench\Worksheet::MOST]) }}
            <a href="{{ $sheet->goOn() }}" id="sheet-go-on">{{ __('ui.sheet-go-on') }}</a>
        </p>
    @endif
    <ol class="sheet-rows">
        @foreach ($sheet->rows as $row)
            <li @class(['sheet-row', 'is-unread' => $row->refusal !== null])>
                @if ($row->refusal !== null)
                    @if ($row->refusal->at !== null)
                        <x-pointed :typed="$row->typed" :at="$row->refusal->at" />
                    @else
                        <p class="pointed">{{ $row->typed }}</p>
                    @endif
                    <p class="refusal-reason">{!! $page->say($row->refusal->reason) !!}</p>
                    <form action="{{ route('sheet.mended', [], false) }}" method="get" class="sheet-mend">
                        @foreach ($sheet->query() as $key => $value)
                            <input type="hidden" name="{{ $key }}" value="{{ $value }}">
                        @endforeach
                        <input type="hidden" name="line" value="{{ $row->line }}">
                        <input class="input maths-input" name="mended" value="{{ $row->typed }}" autocomplete="off"
                            spellcheck="false" aria-label="{{ __('ui.sheet-mend', ['line' => $row->line + 1]) }}">
                        <button class="button is-small">{{ __('ui.sheet-mend-go') }}</button>
                    </form>
                @else
                    @php($job = $row->offer->method->job())
                    <a class="sheet-way" href="{{ $row->address->to('board', ['job' => $job]) }}"
                       @if ($row === $sheet->rows[0]) id="first-way" @endif>
                        <span class="sheet-maths">{!! $page->maths($row->problem->node) !!}</span>
                        <span class="sheet-job">{{ $page->jobName($job) }}@if ($row->isGoneOn),
                            {{ __('ui.sheet-hence') }}@endif</span>
                        <span>{{ $page->methodName($job, $row->offer->method->id()) }}</span>
                        <span class="card-cost">{{ trans_choice('ui.steps', $row->offer->forecast->steps) }}</span>
                    </a>
                @endif
            </li>
        @endforeach
    </ol>
    @if ($sheet->problems() !== [])
        <div class="keep sheet-keep">
            <button class="button is-small" id="sheet-turn" type="button" hidden
                data-where="{{ __('ui.sheet-where') }}" data-next="{{ __('ui.sheet-next') }}"
                data-before="{{ __('ui.sheet-before') }}">{{ __('ui.sheet-turn') }}</button>
            <a class="button is-small" id="sheet-set"
               href="{{ route('sets', ['own' => $sheet->problems()], false) }}">{{ __('ui.sheet-set') }}</a>
            <form action="{{ route('lessons.store', [], false) }}" method="post">
                @csrf
                <input type="hidden" name="name" value="{{ __('ui.sheet-lesson-name') }}">
                @foreach ($sheet->problems() as $problem)
                    <input type="hidden" name="problems[]" value="{{ $problem }}">
                @endforeach
                <button class="button is-small" id="sheet-lesson">{{ __('ui.sheet-lesson') }}</button>
            </form>
            <a class="button is-small" id="sheet-marking"
               href="{{ route('marking', ['problems' => $sheet->problems()], false) }}">{{ __('ui.sheet-marking') }}</a>
        </div>
    @endif
</section>
