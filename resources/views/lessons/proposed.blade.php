@php($remarks = $lesson->plan()->remarks())
<header class="made-head">
    <h2 id="lesson-plan">{{ __('practice.skill.' . $lesson->code->skill) }},
        {{ __('sets.rung', ['number' => $lesson->code->rung]) }}</h2>
    <span class="made-take">
        <a class="button ask-go" id="play" href="{{ $lesson->play(1) }}">{{ __('lesson.play') }}</a>
        <button class="button" id="keep-lesson" form="keep-proposed">{{ __('lesson.keep') }}</button>
    </span>
</header>
<form id="keep-proposed" action="{{ route('lessons.store', [], false) }}" method="post">@csrf<input type="hidden"
    name="lesson" value="{{ $lesson->code(1) }}"></form>
<x-lesson-takes :lesson="$lesson" :formats="['md' => 'Markdown', 'json' => 'JSON']" />
<x-lesson-time :plan="$lesson->plan()" />
<ol class="lesson-items">
    @foreach ($lesson->plan()->items as $item)
        <li class="lesson-item">
            <x-lesson-at :seconds="$lesson->plan()->begins($loop->iteration)" />
            <div>
                <p class="lesson-kind"><a
                    href="{{ $lesson->play($loop->iteration) }}">{{ __("lesson.kind.{$item->kind()->value}") }}</a>
                    <span class="hint">{{ __('lesson.takes',
                    ['minutes' => max(1, (int) round($item->seconds / 60))]) }}</span></p>
                @include('lessons.content.' . $item->kind()->value,
                    ['content' => $item->content, 'links' => true, 'number' => $loop->iteration])
                <x-lesson-remarks :remarks="$remarks" :item="$loop->iteration" />
            </div>
        </li>
    @endforeach
</ol>
<x-lesson-remarks :remarks="$remarks" />
