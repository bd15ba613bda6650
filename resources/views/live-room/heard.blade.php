@php($change = route('rooms.change', ['room' => $room->id], false))
@php($waiting = count($members) - count(array_intersect(array_column($members, 'id'), $answered)))
<div id="heard" class="slates-heard" data-poll="{{ route('rooms.heard', ['room' => $room->id], false) }}"
    data-seen="{{ $seen }}">
<main id="work" class="slates-desk" tabindex="0">
    <section class="slates-asked" aria-labelledby="asked-title">
        <h2 id="asked-title" class="margin-label">{{ __('slates.asked') }}</h2>
        @if ($problem !== null)
            <p class="slates-prompt">{{ $page->jobName($problem->job) }}: {{ __('slates.own-lines') }}</p>
            <p class="line">{!! $page->maths($problem->task->problem->node) !!}</p>
        @elseif ($asked === null)
            <p>{{ __('slates.nothing-asked') }}</p>
        @else
            <p class="slates-prompt">{!! $page->say($asked->question->prompt) !!}</p>
            @if ($asked->before() !== null)<p class="line">{!! $page->maths($asked->before()->node) !!}</p>@endif
            <details class="slates-step"><summary>{{ __('slates.step') }}</summary>
                <p>{!! $page->say($asked->step->title) !!}</p>
                @foreach ($asked->lines() as $line)
                    <p class="line">{!! $page->maths($line->node) !!}</p>
                @endforeach
                <a class="plain-link" id="pen-step" href="{{ $asked->shown() }}">{{ __('slates.to-step') }}</a>
            </details>
        @endif
        <h2 class="margin-label">{{ __('slates.rules') }}</h2>
        <form action="{{ $change }}" method="post" class="slates-rules">
            @csrf
            @method('PUT')
            <label>{{ __('slates.rule') }} <select class="input" name="rule">
                @foreach (\App\Slates\Slates::RULES as $rule)
                    <option value="{{ $rule }}" @selected($room->rule === $rule)>{{ __("slates.rules-of.$rule")
                        }}</option>
                @endforeach
            </select></label>
            <label>{{ __('slates.verdicts') }} <select class="input" name="at-once">
                <option value="0" @selected(!$room->at_once)>{{ __('slates.after-telling') }}</option>
                <option value="1" @selected($room->at_once)>{{ __('slates.at-once') }}</option>
            </select></label>
            <label>{{ __('slates.board') }} <select class="input" name="shows-board">
                <option value="1" @selected($room->shows_board)>{{ __('slates.board-shown') }}</option>
                <option value="0" @selected(!$room->shows_board)>{{ __('slates.board-hidden') }}</option>
            </select></label>
            @if ($room->group_id === null && $choices !== [])
                <label>{{ __('slates.whose') }} <select class="input" name="group">
                    <option value="">{{ __('slates.anybody') }}</option>
                    @foreach ($choices as $choice)
                        <option value="{{ $choice->id }}">{{ $choice->name }}</option>
                    @endforeach
                </select></label>
            @elseif ($room->group !== null)
                <p class="hint">{{ __('slates.whose') }}: {{ $room->group->name }}</p>
            @endif
            <button class="button is-small">{{ __('slates.set') }}</button>
        </form>
    </section>
    <section class="slates-groups" aria-labelledby="groups-title">
        <h2 id="groups-title" class="slates-count" role="status">{{ __('slates.count', ['answered' =>
            count($members) - $waiting, 'all' => count($members)]) }}
            <span class="hint">{{ __("slates.state.$room->state") }}</span></h2>
        @if ($problem !== null)
            @include('live-room.works')
        @elseif ($members === [])
            <p class="hint">{{ __('slates.nobody') }}</p>
        @elseif ($groups === [])
            <p class="hint">{{ __('slates.no-answers') }}</p>
        @elseif (count($groups) === 1 && $groups[0]->isRight && $waiting === 0)
            <p class="slates-all">✓ {{ __('slates.all-right') }}</p>
        @elseif (array_filter($groups, fn($group) => $group->isRead) === [])
            <p class="hint">{{ __('slates.all-unread') }}</p>
        @endif
        <ol class="slates-list">
            @foreach ($groups as $group)
                <li @class(['slates-group', 'is-right' => $group->isRight, 'is-unread' => !$group->isRead])>
                    <span class="slates-number">{{ $group->count() }}</span>
                    <div class="slates-what">
                        <p class="line">@if ($group->isRead){!! $page->typed($group->typed) !!}@else<code>{{
                            $group->typed }}</code>@endif</p>
                        <p class="slates-said">{{ $group->isRight ? '✓' : ($group->isRead ? '✗' : '?') }}
                            {!! $group->said !!}</p>
                        <details class="slates-names"><summary>{{ __('slates.names') }}</summary>
                            <p>{{ implode(', ', $group->names) }}</p></details>
                    </div>
                    <div class="slates-moves">
                        @if ($group->isRead)
                            <x-put-up :room="$room" :typed="$group->typed" />
                        @endif
                        @if ($group->slip !== null)
                            <a class="button is-small" href="{{ route('sets', ['against' => $group->slip->value],
                                false) }}">{{ __('slates.set-against') }}</a>
                        @endif
                        @if (!$group->isRight && $group->isRead && $asked !== null)
                            <a class="button is-small" href="{{ $asked->board->address->to('why', ['ask' => null,
                                'not' => $group->typed]) }}">{{ __('slates.where') }}</a>
                        @endif
                    </div>
                </li>
            @endforeach
        </ol>
    </section>
    <aside class="slates-door" aria-labelledby="door-title">
        <h2 id="door-title" class="margin-label">{{ __('slates.way-in') }}</h2>
        @if ($address === null)
            <p class="refusal">{{ __('slates.unreachable') }}</p>
        @else
            <p class="slates-address">{{ $address }}</p>
            <div class="slates-qr" data-qr="{{ $address }}"></div>
        @endif
        <a class="button" id="pen-view" href="{{ route('rooms.view', ['room' => $room->id], false) }}"
            target="runel-room">{{ __('slates.projector') }}</a>
        <details class="slates-who">
            <summary>{{ trans_choice('slates.here', count($members)) }}</summary>
            <ul>
                @foreach ($members as $member)
                    <li>{{ $member->name }} @if (in_array($member->id, $answered, true))<span
                        aria-label="{{ __('slates.has-answered') }}">■</span>@endif
                        <form action="{{ route('rooms.remove', ['room' => $room->id, 'member' => $member->id],
                            false) }}" method="post">@csrf @method('DELETE')<button class="shelf-remove"
                            aria-label="{{ __('slates.remove', ['name' => $member->name]) }}">×</button></form></li>
                @endforeach
            </ul>
        </details>
        <form action="{{ route('rooms.close', ['room' => $room->id], false) }}" method="post" class="slates-close">
            @csrf
            @method('DELETE')
            <p class="hint">{{ __('slates.close-hint') }}</p>
            <button class="button is-small is-danger-plain">{{ __('slates.close') }}</button>
        </form>
    </aside>
</main>
<nav class="pen-bar" aria-label="{{ __('slates.moves') }}">
    @foreach (['open' => 'o', 'stopped' => 's', 'told' => 't'] as $state => $key)
        <form action="{{ $change }}" method="post" class="pen-form">
            @csrf
            @method('PUT')
            <button @class(['pen', 'is-main' => $state === 'told' && $room->state !== 'told'])
                id="pen-{{ $state }}" name="state" value="{{ $state }}" @disabled($room->state === $state)
                aria-disabled="{{ $room->state === $state ? 'true' : 'false' }}">{{ __("slates.do.$state") }}
                <kbd>{{ $key }}</kbd></button>
        </form>
    @endforeach
    <span class="pen-gap"></span>
    @if ($asked !== null)
        <a class="pen" id="pen-board" href="{{ $asked->shown() }}">{{ __('slates.to-step') }}</a>
    @endif
    @if ($problem === null)
    <form action="{{ route('rooms.next', ['room' => $room->id], false) }}" method="post" class="pen-form">
        @csrf
        <button @class(['pen', 'is-main' => $room->state === 'told']) id="pen-next">{{ __('slates.next') }}
            <kbd>→</kbd></button>
    </form>
    @endif
</nav>
</div>
