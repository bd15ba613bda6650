<header class="made-head">
    <h2 id="made-title">{{ $query->head->title !== '' ? $query->head->title : ($set->name === ''
        ? trans_choice('sets.problems', count($set->items)) : $set->name) }}</h2>
    @if ($query->kept === null && $query->picks !== [])
        <p class="versions" role="group" aria-label="{{ __('sets.versions') }}">
            @foreach (['a', 'b'] as $version)
                <a @class(['option', 'is-small', 'is-taken' => $query->version === $version])
                    href="{{ $set->to(['version' => $version === 'b' ? 'b' : null]) }}"
                    @if ($query->version === $version) aria-current="true"
                    @endif>{{ __("sets.version.$version") }}</a>
            @endforeach
        </p>
    @endif
</header>
<div class="made-take" role="group" aria-label="{{ __('sets.take') }}">
    <details class="made-leaf">
        <summary class="button is-small">{{ __('ui.print') }} ▾</summary>
        <p class="made-choices">
            @foreach (\App\Sets\SetSheet::KEYS as $key)
                <a href="{{ $set->to(['key' => $key], 'set-sheet') }}">{{ __("sets.sheet.$key") }}</a>
            @endforeach
            <a href="{{ $set->to(['fade' => 1], 'set-sheet') }}">{{ __('sets.sheet.faded') }}</a>
        </p>
    </details>
    <details class="made-leaf">
        <summary class="button is-small">{{ __('sets.file') }} ▾</summary>
        <p class="made-choices">
            @foreach (['tex' => 'LaTeX', 'md' => 'Markdown', 'csv' => 'CSV', 'json' => 'JSON',
                'zip' => 'QTI'] as $extension => $name)
                <a href="{{ $set->to([], 'set-file', ['extension' => $extension]) }}">{{ $name }}</a>
            @endforeach
        </p>
    </details>
    <details class="made-leaf" @if (session('head')) open @endif>
        <summary class="button is-small">{{ __('sets.head') }} ▾</summary>
        <form class="made-heading" action="{{ route('sets', [], false) }}" method="get">
            @foreach (\App\Address\Hidden::fields(array_diff_key($query->parts(),
                ['title' => 1, 'date' => 1, 'line' => 1, 'points' => 1])) as [$name, $value])
                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
            @endforeach
            <label>{{ __('sets.head-title') }} <input class="input" name="title" maxlength="80"
                value="{{ $query->head->title }}" autocomplete="off"></label>
            <label>{{ __('sets.head-date') }} <input class="input" name="date" maxlength="80"
                value="{{ $query->head->date }}" autocomplete="off"></label>
            <label>{{ __('sets.head-line') }} <input class="input" name="line" maxlength="80"
                value="{{ $query->head->line }}" autocomplete="off"></label>
            <label>{{ __('sets.head-points') }} <input class="input" name="points" maxlength="300"
                value="{{ implode(', ', $query->head->points) }}" autocomplete="off"
                aria-describedby="points-hint"></label>
            <p class="hint" id="points-hint">{{ __('sets.head-points-hint') }}</p>
            <button class="button is-small">{{ __('sets.head-set') }}</button>
        </form>
    </details>
    <a class="button is-small" id="set-out" href="{{ route('handing', ['problem' => implode("\n", array_map(
        fn($item) => $item->problem, array_filter($set->items, fn($item) => $item->demonstration !== null)))],
        false) }}">{{ __('handed.title') }}</a>
    <button type="button" class="button is-small" id="show-answers" aria-pressed="false"
        hidden>{{ __('sets.answers') }} <kbd>a</kbd></button>
</div>
@if ($set->restored() !== null)
    <p class="made-gone" role="status">{{ trans_choice('sets.gone', count($query->drop)) }}
        <a class="button is-small" id="restore" href="{{ $set->restored() }}">{{ __('ui.undo') }}</a></p>
@endif
<ol class="made-list">
    @foreach ($set->items as $item)
        <li class="made" id="item-{{ $item->key }}" tabindex="-1">
            <span class="made-number">{{ $loop->iteration }}</span>
            <div class="made-what">
                @if ($item->demonstration === null)
                    <x-pointed :typed="$item->problem" :at="$item->refusal->at" />
                    <p class="refusal-reason">{!! $page->say($item->refusal->reason) !!}</p>
                @else
                    <p class="line"><x-problem :demonstration="$item->demonstration" /></p>
                    @if ($item->page !== null)
                        <ol class="made-page">
                            @foreach ($item->page->lines as $line)
                                <li @class(['is-slip' => $loop->iteration === $item->page->at])>{!!
                                    $page->maths($line) !!}@if ($loop->iteration === $item->page->at)
                                    <span class="hint">{{ $page->plain(\Runel\Message\Message::of(
                                        "slip.{$item->page->slip->value}.name")) }}</span>@endif</li>
                            @endforeach
                        </ol>
                    @endif
                    <p class="made-rung">
                        {{ $page->jobName($item->demonstration->job) }} ·
                        @if ($item->skill !== null)
                            {{ __("practice.skill.{$item->skill}") }},
                                {{ __('sets.rung', ['number' => $item->rung->number]) }} ·
                            @if ($item->rung->adds !== null)
                                {{ __('practice.adds.' . $item->rung->adds->value) }} ·
                            @endif
                        @elseif ($item->traits !== [])
                            {{ implode(', ', array_map(fn($trait) => __("practice.adds.$trait->value"),
                                $item->traits)) }} ·
                        @endif
                        {{ trans_choice('ui.steps',
                            $item->demonstration->forecast->steps) }}@if ($item->demonstration->forecast->trials > 0) ·
                            {{ trans_choice('ui.trials', $item->demonstration->forecast->trials) }}@endif
                    </p>
                    <p class="made-answer"><span class="margin-label">{{ __('ui.answer') }}</span>
                        <x-answer :demonstration="$item->demonstration" /></p>
                @endif
            </div>
            <div class="made-moves" role="group" aria-label="{{ __('sets.moves', ['number' => $loop->iteration]) }}">
                @if ($item->demonstration !== null)
                    @php($address = \App\Address\Address::for($item->reference($page->style)))
                    <a href="{{ $address->to('board') }}">{{ __('sets.to-board') }}</a>
                    <a href="{{ $address->to('your-turn',
                        ['method' => null, 'step' => null]) }}">{{ __('turn.title') }}</a>
                    @if ($item->page !== null)<a class="to-spot" href="{{ $address->to('spot', ['method' => null,
                        'step' => null]) . '&' . http_build_query(['page' => $item->pageTyped()])
                        }}">{{ __('sets.to-page') }}</a>
                    <a href="{{ route('handing', ['problem' => $item->problem, 'as' => 'page',
                        'slip' => $item->page->slip->value], false) }}">{{ __('handed.title') }}</a>@endif
                    @if ($item->hasTwoWays())<a href="{{ $address->to('two-ways',
                        ['method' => null, 'step' => null]) }}">{{ __('ui.two-ways') }}</a>@endif
                @endif
                @if ($item->skill !== null && !str_starts_with($item->key, 'o-') && $query->kept === null)
                    <a class="made-again"
                        href="{{ $set->another($item) }}#item-{{ $item->key }}">{{ __('sets.again') }}</a>
                @endif
                @if ($set->moved($item, -1) !== null)<a href="{{ $set->moved($item, -1) }}#item-{{ $item->key }}"
                    aria-label="{{ __('sets.up', ['number' => $loop->iteration]) }}">↑</a>@endif
                @if ($set->moved($item, 1) !== null)<a href="{{ $set->moved($item, 1) }}#item-{{ $item->key }}"
                    aria-label="{{ __('sets.down', ['number' => $loop->iteration]) }}">↓</a>@endif
                <a href="{{ $set->without($item) }}"
                    aria-label="{{ __('sets.drop', ['number' => $loop->iteration]) }}">×</a>
            </div>
        </li>
    @endforeach
</ol>
@if ($query->kept === null)
    <form class="made-own" action="{{ route('sets', [], false) }}" method="get">
        @foreach (\App\Address\Hidden::fields($query->parts()) as [$name, $value])
            <input type="hidden" name="{{ $name }}" value="{{ $value }}">
        @endforeach
        <label>{{ __('sets.own') }} <input class="input" name="own[]" maxlength="400" autocomplete="off"
            spellcheck="false"></label>
        <button class="button">{{ __('sets.own-add') }}</button>
    </form>
    <form class="made-keep" action="{{ route('keep-set', [], false) }}" method="post">
        @csrf
        <input type="hidden" name="set" value="{{ http_build_query($query->parts()) }}">
        <label>{{ __('sets.name') }} <input class="input" name="name" maxlength="80" autocomplete="off"></label>
        <button class="button">{{ __('sets.keep') }}</button>
    </form>
@endif
