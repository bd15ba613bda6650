@php($moments = $play->moments)
@php($reached = $moments->where('kind', 'reached')->values())
@php($last = $reached->last())
<x-page :title="__('lesson.log')" body="lessons">
    <x-masthead here="lessons">
    </x-masthead>
    <main id="work" class="tutor-desk" tabindex="0">
        <x-told />
        <section class="tutor-card is-wide" aria-labelledby="log">
            <h1 id="log">{{ __('lesson.log') }}: {{ $lesson->lesson->name }}</h1>
            <p class="hint">{{ __('lesson.log-started',
                ['moment' => $play->started_at->isoFormat('ddd D MMM YYYY, H:mm')]) }}</p>
            <table class="tally lesson-log">
                <thead><tr><th scope="col">{{ __('lesson.log-item') }}</th>
                    <th scope="col">{{ __('lesson.log-planned') }}</th><th scope="col">{{ __('lesson.log-took') }}</th>
                    <th scope="col">{{ __('lesson.log-notes') }}</th></tr></thead>
                <tbody>
                    @foreach ($reached as $at => $moment)
                        @php($until = $reached[$at + 1]->at ?? $play->ended_at)
                        @php($item = $lesson->item($moment->place))
                        <tr>
                            <th scope="row">{{ $moment->place }}.
                                @if ($item !== null){{ __("lesson.kind.{$item->kind()->value}") }}@endif</th>
                            <td>@if ($item !== null){{ max(1, (int) round($item->seconds / 60)) }} min @endif</td>
                            <td>{{ $until === null ? __('lesson.still-on')
                                : max(1, (int) round($moment->at->diffInSeconds($until) / 60)) . ' min'
                                }}@if ($moment->step !== null) ·
                                {{ __('lesson.log-step', ['step' => $moment->step]) }}@endif</td>
                            <td>@foreach ($moments->where('kind', 'note')->where('place',
                                $moment->place) as $note)<span
                                class="lesson-note">{{ $note->text }}</span>@endforeach</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <div class="tutor-go">
                <a class="button ask-go" href="{{ $lesson->back() }}">{{ __('lesson.again') }}</a>
                @if ($play->ended_at === null && $last !== null)
                    <a class="button"
                        href="{{ $lesson->play($last->place) }}">{{ __('lesson.go-on', ['item' => $last->place]) }}</a>
                    <form action="{{ route('plays.end', ['play' => $play->id], false) }}" method="post">@csrf<button
                        class="button">{{ __('lesson.end') }}</button></form>
                @endif
            </div>
        </section>
    </main>
</x-page>
