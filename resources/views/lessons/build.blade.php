@php($model = $lesson->lesson)
@php($plan = $lesson->plan())
@php($order = array_map(fn($item) => $item->id, $lesson->items))
<x-told :refused="$refused" />
<header class="made-head">
    <h2 id="lesson-plan">{{ $model->name }}</h2>
    @if ($lesson->items !== [])
        <form action="{{ route('lessons.start', ['lesson' => $model->id], false) }}" method="post">@csrf<button
            class="button ask-go" id="play">{{ __('lesson.play') }}</button></form>
    @endif
</header>
<x-lesson-takes :lesson="$lesson"
    :formats="['md' => 'Markdown', 'json' => 'JSON'] + ($model->held_at === null ? [] : ['ics' => 'iCalendar'])" />
<x-lesson-time :plan="$plan" />
<p class="hint">{{ $pace[1] > 0 ? trans_choice('lesson.pace-own', $pace[1], ['percent' => $pace[0]->hundredths])
    : __('lesson.pace-usual') }}</p>
@if ($lesson->items === [])
    <p class="notice">{{ __('lesson.nothing-yet') }}</p>
@endif
<form id="order" action="{{ route('lessons.order', ['lesson' => $model->id], false) }}" method="post"
    hx-post="{{ route('lessons.order', ['lesson' => $model->id], false) }}" hx-target="#plan">
    @csrf
    @method('PUT')
    <input type="hidden" name="version" value="{{ $model->version }}">
    <input type="hidden" name="order" id="order-now" value="{{ implode(',', $order) }}">
</form>
<ol class="lesson-items" id="sortable">
    @foreach ($plan->items as $place => $item)
        @php($kept = $lesson->items[$place])
        @php($number = $place + 1)
        <li class="lesson-item is-built" data-id="{{ $kept->id }}">
            <button type="button" class="lesson-handle" id="handle-{{ $kept->id }}"
                aria-label="{{ __('lesson.handle', ['number' => $number]) }}"><svg viewBox="0 0 12 20" width="12"
                height="20" aria-hidden="true"><path d="M2 4h8M2 10h8M2 16h8" stroke="currentColor"
                stroke-width="2"/></svg></button>
            <x-lesson-at :seconds="$plan->begins($number)" />
            <div class="lesson-what">
                <p class="lesson-kind"><strong>{{ __("lesson.kind.{$kept->kind()->value}") }}</strong>
                    <span class="hint">{{ __('lesson.takes',
                    ['minutes' => max(1, (int) round($item->seconds / 60))])
                        }}@if (($kept->content->step ?? null) !== null) ·
                    {{ __('lesson.up-to', ['step' => $kept->content->step]) }}@endif @if ($kept->content->ask ?? false)
                        ·
                    {{ __('lesson.asks-first') }}@endif @if ($kept->newPage) ·
                    {{ __('lesson.is-new-page') }}@endif</span></p>
                @include('lessons.content.' . $item->kind()->value, ['content' => $item->content, 'links' => true])
                <x-lesson-remarks :remarks="$remarks" :item="$number" />
                <details class="lesson-change">
                    <summary>{{ __('lesson.change') }}</summary>
                    @include('lessons.changing')
                </details>
            </div>
            <span class="lesson-moves">
                @foreach (['up' => -1, 'down' => 1] as $way => $by)
                    @php($swapped = $order)
                    @if (isset($order[$place + $by]))
                        @php([$swapped[$place], $swapped[$place + $by]] = [$order[$place + $by], $order[$place]])
                    @endif
                    <button form="order" class="lesson-move" name="order" value="{{ implode(',', $swapped) }}"
                        id="{{ $way }}-{{ $kept->id }}" @disabled(!isset($order[$place + $by]))
                        aria-label="{{ __("lesson.$way", ['number' => $number]) }}">{{ $way === 'up' ? '↑'
                        : '↓' }}</button>
                @endforeach
            </span>
        </li>
    @endforeach
</ol>
<x-lesson-remarks :remarks="$remarks" />
