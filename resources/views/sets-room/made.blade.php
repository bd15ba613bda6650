<header class="made-head">
    <h2 id="made-title">{{ $set->name === '' ? trans_choice('sets.problems', count($set->items)) : $set->name }}</h2>
    @if ($query->kept === null && $query->picks !== [])
        <p class="versions" role="group" aria-label="{{ __('sets.versions') }}">
            @foreach (['a', 'b'] as $version)
                <a @class(['option', 'is-small', 'is-taken' => $query->version === $version])
                    href="{{ $set->to(['version' => $version === 'b' ? 'b' : null, 'again' => [], 'drop' => [],
                    'order' => null]) }}" @if ($query->version === $version) aria-current="true"
                    @endif>{{ __("sets.version.$version") }}</a>
            @endforeach
        </p>
    @endif
</header>
<p class="made-take" role="group" aria-label="{{ __('sets.take') }}">
    @foreach (\App\Sets\SetSheet::KEYS as $key)
        <a class="button is-small" href="{{ $set->to(['key' => $key], 'set-sheet') }}">{{ __("sets.sheet.$key") }}</a>
    @endforeach
    <a class="button is-small" href="{{ $set->to(['fade' => 1], 'set-sheet') }}">{{ __('sets.sheet.faded') }}</a>
    @foreach (['tex' => 'LaTeX', 'md' => 'Markdown', 'csv' => 'CSV', 'json' => 'JSON',
        'zip' => 'QTI'] as $extension => $name)
        <a class="button is-small" href="{{ $set->to([], 'set-file', ['extension' => $extension]) }}">{{ $name }}</a>
    @endforeach
</p>
<ol class="made-list">
    @foreach ($set->items as $item)
        <li class="made" id="item-{{ $item->key }}">
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
