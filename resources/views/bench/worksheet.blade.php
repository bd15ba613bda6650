<section class="worksheet" aria-labelledby="worksheet-title">
    <h2 class="cards-title" id="worksheet-title">
        <span>{{ trans_choice('ui.sheet-problems', count($sheet->rows)) }}</span>
        @if ($sheet->unread() > 0)
            {{ trans_choice('ui.sheet-unread', $sheet->unread()) }}
        @endif
    </h2>
    @if ($sheet->more > 0)
        <p class="refusal refusal-reason" role="status">
            {{ trans_choice('ui.sheet-more', $sheet->more, ['most' => \App\Bench\Worksheet::MOST]) }}
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
                @else
                    @php($job = $row->offer->method->job())
                    <a class="sheet-way" href="{{ $row->address->to('board', ['job' => $job]) }}"
                       @if ($row === $sheet->rows[0]) id="first-way" @endif>
                        <span class="sheet-maths">{!! $page->maths($row->problem->node) !!}</span>
                        <span class="sheet-job">{{ $page->jobName($job) }}</span>
                        <span>{{ $page->methodName($job, $row->offer->method->id()) }}</span>
                        <span class="card-cost">{{ trans_choice('ui.steps', $row->offer->forecast->steps) }}</span>
                    </a>
                @endif
            </li>
        @endforeach
    </ol>
    @if ($sheet->problems() !== [])
        <p class="keep">
            <a class="button is-small" id="sheet-set"
               href="{{ route('sets', ['own' => $sheet->problems()], false) }}">{{ __('ui.sheet-set') }}</a>
        </p>
    @endif
</section>
