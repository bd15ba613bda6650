@if ($members === [])
    <p class="hint">{{ __('slates.nobody') }}</p>
@elseif ($works === [])
    <p class="hint">{{ __('slates.no-lines') }}</p>
@endif
<ol class="slates-list">
    @foreach ($works as $id => $work)
        @php($whose = collect($members)->firstWhere('id', $id))
        @continue($whose === null)
        <li @class(['slates-group', 'is-right' => $work->isFinished, 'is-unread' => !$work->isFinished
            && $work->at === null])>
            <span class="slates-number">{{ $work->isFinished ? '✓' : count($work->lines) }}</span>
            <div class="slates-what">
                <p>{{ $work->isFinished ? '✓ ' . __('slates.finished')
                    : trans_choice('ui.lines', count($work->lines)) }}</p>
                @if ($work->at !== null)
                    <p class="slates-said">✗ {{ __('slates.breaks', ['line' => $work->at]) }}@if ($work->slip !== null):
                        {{ $page->plain(\Runel\Message\Message::of("slip.{$work->slip->value}.name")) }}@endif</p>
                @endif
                <details class="slates-names slates-lines-{{ $id }}"><summary>{{ __('slates.look') }}</summary>
                    <ol class="slates-lines">
                        @foreach ($work->lines as $place => $line)
                            <li><span class="marked-sign">{{ __('turn.mark.' . ($work->signs[$place]
                                ?? 'note')) }}</span>
                                {!! $page->typed($line) !!}</li>
                        @endforeach
                    </ol>
                    <p class="hint">{{ $whose->name }}</p></details>
            </div>
            <div class="slates-moves">
                <x-put-up :room="$room" :typed="$work->text()" />
                @if ($work->slip !== null)
                    <a class="button is-small" href="{{ route('sets', ['against' => $work->slip->value],
                        false) }}">{{ __('slates.set-against') }}</a>
                @endif
            </div>
        </li>
    @endforeach
</ol>
@if (collect($members)->contains(fn($member) => $member->learner_id !== null) && $works !== [])
    <form action="{{ route('rooms.record', ['room' => $room->id], false) }}" method="post">
        @csrf
        <button class="button">{{ __('slates.record') }}</button>
        <span class="hint">{{ __('slates.record-hint') }}</span>
    </form>
@endif
