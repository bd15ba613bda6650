<x-page :title="__('lesson.title')" body="paper">
    <main id="work" class="print-sheet set-sheet">
        <div class="print-tools">
            <a class="button" href="{{ $lesson->back() }}">{{ __('lesson.to-plan') }}</a>
            <button type="button" class="button" id="print-now">{{ __('ui.print') }}</button>
            <nav class="print-fades" aria-label="{{ __('sets.take') }}">
                @foreach (['plan', 'worked', 'faded', 'blank'] as $kind)
                    <a @class(['option', 'is-taken' => $for === $kind])
                        href="{{ $lesson->sheet($kind) }}">{{ __("lesson.for.$kind") }}</a>
                @endforeach
            </nav>
        </div>
        <header class="print-head">
            <h1>{{ $lesson instanceof \App\Lessons\KeptLesson ? $lesson->lesson->name
                : __('practice.skill.' . $lesson->code->skill) . ', ' . __('sets.rung', ['number' =>
                $lesson->code->rung]) }}</h1>
            @if ($for === 'plan')
                <p>{{ __('lesson.time', ['planned' => intdiv($lesson->plan()->seconds() + 59, 60),
                    'minutes' => $lesson->plan()->minutes]) }}</p>
            @else
                <p>{{ __('sets.sheet-name') }}</p>
            @endif
        </header>
        <ol class="set-problems">
            @foreach ($lesson->plan()->items as $item)
                @php($demonstration = $item->content->demonstration())
                @php($kind = $item->kind()->value)
                @continue($for !== 'plan' && !in_array($kind, ['demonstration', 'your-turn',
                    'slip-to-find'], true))
                <li class="set-problem">
                    <p class="set-task">
                        @if ($for === 'plan')
                            <strong>{{ sprintf('%d:%02d', intdiv($lesson->plan()->begins($loop->iteration), 60),
                                $lesson->plan()->begins($loop->iteration) % 60) }}</strong>
                        @endif
                        <strong>{{ __("lesson.kind.$kind") }}</strong>
                    </p>
                    @include("lessons.content.$kind", ['content' => $item->content, 'links' => false,
                        'isHandout' => $for !== 'plan'])
                    @if ($for !== 'plan' && $kind === 'slip-to-find')<p>{{ __('spot.ask') }}</p>@endif
                    @if ($for === 'plan' && $demonstration !== null && in_array($kind,
                        ['demonstration', 'your-turn', 'two-ways', 'slip-to-find'], true))
                        <p><span class="margin-label">{{ __('ui.answer') }}</span>
                            <x-answer :demonstration="$demonstration" /></p>
                    @elseif ($for !== 'plan' && $kind === 'demonstration' && $for !== 'blank')
                        @include('sheet.work', ['demonstration' => $demonstration,
                            'sheet' => \App\Sheet\Sheet::of($demonstration, $for === 'worked' ? '0' : '2')])
                    @elseif ($for !== 'plan')
                        @for ($line = 0; $line < min(14, $demonstration->forecast->lines + 2); ++$line)
                            <div class="set-line"></div>
                        @endfor
                    @endif
                </li>
            @endforeach
        </ol>
    </main>
</x-page>
