@php($who = fn(array $records): string => implode(', ', \App\Today\Today::names($records)))
@if (!$today->isEmpty())
    <section class="today" aria-labelledby="today-title">
        <h2 id="today-title">{{ __('today.title') }}</h2>
        <ul>
            @if ($today->lesson !== null)
                <li><span>{{ $today->hour() }} {{ $today->lesson->name }}</span>
                    <form action="{{ route('lessons.start', ['lesson' => $today->lesson->id], false) }}" method="post">
                        @csrf<button class="button is-small" id="today-play">{{ __('today.play') }}</button></form></li>
            @endif
            @if ($today->due !== [])
                <li><span>{{ trans_choice('learner.members', count($today->due)) }},
                    {{ trans_choice('today.due', $today->dueCount()) }}
                    <x-today-who :names="$who($today->due)" /></span>
                    <a class="button is-small" id="today-sheet"
                        href="{{ route('sets', $today->sheet(), false) }}">{{ __('today.sheet') }}</a></li>
            @endif
            @if ($today->worked !== [])
                <li><span>{{ trans_choice('today.worked', count($today->worked)) }}
                    <x-today-who :names="$who($today->worked)" /></span>
                    <a class="button is-small" id="today-look"
                        href="{{ route('learners', [], false) }}">{{ __('today.look') }}</a></li>
            @endif
            @if ($today->wobble !== null)
                <li><span>{{ trans_choice('today.wobble', count($today->wobble->records), [
                    'skill' => __("practice.skill.{$today->wobble->skill}"), 'rung' => $today->wobble->rung]) }}
                    <x-today-who :names="$who($today->wobble->records)" /></span>
                    <a class="button is-small" id="today-plan" href="{{ route('lessons', ['skill' =>
                        $today->wobble->skill, 'rung' => $today->wobble->rung], false) }}">{{ __('today.plan') }}</a>
                </li>
            @endif
        </ul>
    </section>
@endif
