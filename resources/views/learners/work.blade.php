@if ($record->damaged > 0)
    <p class="notice is-bad" role="note">{{ trans_choice('learner.damaged-work', $record->damaged) }}</p>
@endif
@forelse ($record->latest() as $attempt)
    <details class="attempt" id="work-{{ $attempt->id }}" @if ($loop->first || $attempt->otherwise_on) open @endif>
        <summary><span class="attempt-day">{{ $attempt->at->isoFormat('ddd D MMM') }}</span>
            <span class="attempt-problem">{!! $page->problem($attempt->task->problem) !!}</span>
            <span class="hint">{{ __('learner.source.' . $attempt->source) }} ·
            {{ $attempt->finished ? '✓ ' . __('learner.finished') : '○ '
            . __('learner.unfinished') }}@if ($attempt->help > 0) ·
            {{ trans_choice('learner.took-help', $attempt->help) }}@endif @if ($attempt->seconds >= 30) ·
            {{ __('learner.seconds',
            ['minutes' => max(1, (int) round($attempt->seconds / 60))]) }}@endif</span></summary>
        @if ($attempt->otherwise_on)<p class="hint">{{ __('learner.judged-otherwise',
            ['day' => $attempt->otherwise_on->isoFormat('D MMM')]) }}</p>@endif
        @if ($attempt->task->page !== [])<p class="hint">{{ __('spot.given') }}</p>@endif
        @php($lines = $judged->lines($attempt, $effort))
        @php($ruling = $attempt->ruling())
        @if ($lines === [])
            <p class="hint">{{ __('learner.unreadable') }}</p>
            @foreach ($attempt->typed() as $line)<p class="marked-typed">{{ $line }}</p>@endforeach
        @else
            <ol class="turn-lines">
                @foreach ($lines as $line)
                    <x-marked-line :line="$line" :before="$lines[$loop->index - 1] ?? null" full>
                        @if ($line->verdict->fails() || $line->verdict->value === 'undecided'
                            || isset($ruling->lines[$loop->iteration]))
                            <x-ruling-line :line="$line" :number="$loop->iteration" :ruling="$ruling" name="%s[%d]"
                                :form="'rule-' . $attempt->id" />
                        @endif
                    </x-marked-line>
                @endforeach
            </ol>
        @endif
        @if ($attempt->past() !== [])
            <details class="attempt-past">
                <summary>{{ trans_choice('learner.past', count($attempt->past())) }}</summary>
                <ul>@foreach ($attempt->past() as $past)<li><span class="marked-typed">{{ $past['line'] ?? '' }}</span>
                    <span class="hint">{{ __('learner.gone.'
                    . (in_array($past['gone'] ?? '', ['mended', 'taken-back', 'joined'], true) ? $past['gone'] :
                    'mended')) }}</span></li>@endforeach</ul>
            </details>
        @endif
        @if ($attempt->countedSlips() !== [])
            <p class="attempt-slips">{{ __('learner.slips-head') }}:
                @foreach (array_count_values($attempt->countedSlips()) as $slip => $times){{
                $page->plain(\Runel\Message\Message::of("slip.$slip.name")) }}@if ($times > 1) ×
                {{ $times }}@endif{{ $loop->last ? '' : ', ' }}@endforeach</p>
        @endif
        <form action="{{ route('learners.attempts.rule', ['learner' => $learner->id, 'attempt' => $attempt->id],
            false) }}" method="post" id="rule-{{ $attempt->id }}" class="attempt-rule piece-own">
            @csrf
            @method('PUT')
            <x-ruling-piece :ruling="$ruling" name="piece" />
            <label>{{ __('pile.mark') }} <input class="input" name="mark" value="{{ $attempt->mark }}" maxlength="20"
                autocomplete="off"></label>
            <label class="piece-remark">{{ __('pile.remark') }} <input class="input" name="remark"
                value="{{ $attempt->remark }}" maxlength="400" autocomplete="off"></label>
            <button class="button is-small">{{ __('ruling.save') }}<span class="unseen">:
                {{ $attempt->task->problem }}</span></button>
        </form>
        <form action="{{ route('learners.attempts.remove', ['learner' => $learner->id, 'attempt' => $attempt->id],
            false) }}" method="post">@csrf @method('DELETE')<button
            class="button is-small">{{ __('learner.remove-attempt') }}<span class="unseen">:
            {{ $attempt->task->problem }}</span></button></form>
    </details>
@empty
    <p class="hint">{{ __('learner.no-work') }}</p>
@endforelse
<details class="tutor-more" @if (isset($typed['problem'])) open @endif>
    <summary>{{ __('learner.type') }}</summary>
    <form action="{{ route('learners.write', ['learner' => $learner->id], false) }}" method="post" class="tutor-form">
        @csrf
        <label>{{ __('learner.problem') }} <input class="input maths-input" name="problem" id="typed-problem"
            value="{{ $typed['problem'] ?? '' }}" autocomplete="off" spellcheck="false"></label>
        <label>{{ __('learner.lines-label') }} <textarea class="textarea maths-input" name="lines" id="typed-lines"
            rows="5" spellcheck="false">{{ $typed['lines'] ?? '' }}</textarea></label>
        <x-pad for="typed-lines" :letters="['x', 'y']" />
        <button class="button ask-go" id="keep-typed">{{ __('learner.mark-and-keep') }}</button>
    </form>
</details>
