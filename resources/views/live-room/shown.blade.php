<main id="work" class="shown" data-poll="{{ route('rooms.shown', ['room' => $room->id], false) }}"
    data-seen="{{ $seen }}">
    @if ($members === [] || ($asked === null && $problem === null))
        <h1 class="shown-lead">{{ __('slates.come-in') }}</h1>
        @if ($address === null)
            <p class="refusal">{{ __('slates.unreachable') }}</p>
        @else
            <p class="shown-address">{{ preg_replace('#^https?://#', '', $address) }}</p>
            <p class="shown-code">{{ $room->code }}</p>
            <div class="shown-qr" data-qr="{{ $address }}"></div>
        @endif
        <p class="shown-here" role="status">{{ trans_choice('slates.here', count($members)) }}</p>
    @elseif ($problem !== null)
        <h1 class="shown-prompt">{!! $page->maths($problem->task->problem->node) !!}</h1>
        @if ($room->put_up !== null)
            <ol class="shown-lines">@foreach (explode("\n", $room->put_up) as $line)<li>{!! $page->typed($line)
                !!}</li>@endforeach</ol>
        @endif
        <p class="shown-slates" role="img" aria-label="{{ __('slates.done-count', ['done' => count(array_filter(
            $works, fn($work) => $work->isFinished)), 'all' => count($members)]) }}">@foreach ($members as $place
            => $member)<span @class(['shown-slate', 'is-filled' => $place < count(array_filter($works,
            fn($work) => $work->isFinished))])></span>@endforeach</p>
        <p class="shown-here" role="status">{{ __("slates.state.$room->state") }}
            @if ($address !== null)· {{ preg_replace('#^https?://#', '', $address) }}@endif</p>
    @else
        <h1 class="shown-prompt">{!! $page->say($asked->question->prompt) !!}</h1>
        @if ($room->shows_board && $asked->before() !== null)
            <p class="shown-before">{!! $page->running($asked->before()->node) !!}</p>
        @endif
        @if ($room->shows_board && $room->state !== 'told' && $asked->board->figure() !== null)
            <figure class="shown-figure">{!! $page->figure($asked->board->figure()) !!}</figure>
        @endif
        @if ($room->put_up !== null)
            <p class="shown-put-up">{!! $page->typed($room->put_up) !!}</p>
        @endif
        @if ($room->state === 'told')
            <ol class="shown-groups">
                @foreach ($groups as $group)
                    @continue(!$group->isRead)
                    <li @class(['shown-group', 'is-right' => $group->isRight])>
                        <span class="shown-count">{{ $group->count() }}</span>
                        <span class="shown-answer">{{ $group->isRight ? '✓' : '✗' }} {!! $page->typed($group->typed)
                        !!}</span>
                        @if (!$group->isRight)<span class="shown-said">{!! $group->said !!}</span>@endif
                    </li>
                @endforeach
            </ol>
            <p class="shown-step">@foreach ($asked->lines() as $line)<span
                class="line">{!! $page->running($line->node) !!}</span>@endforeach</p>
        @else
            <p class="shown-slates" role="img" aria-label="{{ __('slates.count', ['answered' => count($answered),
                'all' => count($members)]) }}">@foreach ($members as $place => $member)<span
                @class(['shown-slate', 'is-filled' => $place < count($answered)])></span>@endforeach</p>
            <p class="shown-here" role="status">{{ __("slates.state.$room->state") }}
                @if ($address !== null)· {{ preg_replace('#^https?://#', '', $address) }}@endif</p>
        @endif
    @endif
</main>
