<x-page :title="__('sets.title')" body="sets">
    <x-masthead here="sets">
        <x-style-link :place="[]" />
    </x-masthead>
    <main id="work" class="sets-desk" tabindex="0">
        <section class="sets-order" aria-labelledby="order-title">
            <h1 id="order-title" class="unseen">{{ __('sets.order') }}</h1>
            <nav class="skills" aria-label="{{ __('sets.skills') }}">
                @foreach (\App\Sets\LadderPicture::skills() as $job => $skills)
                    <div class="skills-job"><span class="skills-name">{{ $page->jobName($job) }}</span><span
                        class="skills-chips">
                        @foreach ($skills as $skill)
                            <a @class(['option', 'is-small', 'is-taken' => $ladder->ladder->skill() === $skill])
                                href="{{ route('sets', ['show' => $skill] + $query->parts(), false) }}"
                                hx-get="{{ route('ladder', ['show' => $skill], false) }}" hx-target="#ladder"
                                @if ($ladder->ladder->skill() === $skill) aria-current="true"
                                @endif>{{ __("practice.skill.$skill") }}</a>
                        @endforeach
                    </span></div>
                @endforeach
            </nav>
            <form action="{{ route('sets', [], false) }}" method="get" id="order">
                @foreach (\App\Address\Hidden::fields(array_diff_key($query->parts(['kept' => null]),
                    ['seed' => 1, 'wish' => 1])) as [$name, $value])
                    <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                @endforeach
                <div id="ladder">@include('sets-room.ladder')</div>
                <div class="sets-how">
                    <label>{{ __('sets.count') }} <input class="input" name="count" value="10" inputmode="numeric"
                        maxlength="3"></label>
                    <label>{{ __('sets.seed') }} <input class="input" name="seed" value="{{ $query->seed }}"
                        inputmode="numeric" maxlength="9"></label>
                    <button class="button ask-go foot-main"
                        id="make">{{ __($query->picks === [] ? 'sets.make' : 'sets.add') }}</button>
                </div>
                <details class="wishes" @if ($query->wishes !== []) open @endif>
                    <summary>{{ __('sets.wishes') }}</summary>
                    @foreach (['letters', 'largest', 'trials'] as $wish)
                        <label>{{ __("sets.wish.$wish") }} <input class="input" name="wish[{{ $wish }}]"
                            value="{{ $query->wishes[$wish] ?? '' }}" maxlength="40" autocomplete="off"></label>
                    @endforeach
                    @foreach (['trap', 'slip'] as $wish)
                    <label>{{ __("sets.wish.$wish") }} <select class="input" name="wish[{{ $wish }}]"><option
                        value="">{{ __('sets.any') }}</option>
                        @foreach (\Runel\Slip\Slip::cases() as $slip)
                            <option value="{{ $slip->value }}"
                                @selected(($query->wishes[$wish]
                                    ?? '') ===
                                    $slip->value)>{{ $page->plain(\Runel\Message\Message::of("slip.$slip->value.name"))
                                }}</option>
                        @endforeach
                    </select></label>
                    @endforeach
                    <label class="wish-whole"><input type="checkbox" name="wish[whole]" value="yes"
                        @checked(($query->wishes['whole'] ?? '') === 'yes')> {{ __('sets.wish.whole') }}</label>
                </details>
            </form>
            <details class="sets-import">
                <summary>{{ __('sets.import') }}</summary>
                <form action="{{ route('import-set', [], false) }}" method="post" enctype="multipart/form-data">
                    @csrf
                    <label for="text">{{ __('sets.import-hint') }}</label>
                    <textarea class="textarea" id="text" name="text" rows="4" spellcheck="false"></textarea>
                    <input class="pile-file" type="file" name="file"
                        accept=".txt,.csv,.json,text/plain,text/csv,application/json"
                        aria-label="{{ __('pile.file') }}">
                    <button class="button">{{ __('sets.import-go') }}</button>
                </form>
            </details>
            @includeWhen($set !== null && $set->items !== [], 'sets-room.kept')
        </section>
        <section class="sets-made" aria-labelledby="made-title">
            @if (session('notice'))
                <p class="notice" role="status">{{ session('notice') }}</p>
            @endif
            @if ($refused !== null)
                <p class="refusal refusal-reason" role="alert">{!! $page->say($refused) !!}</p>
            @endif
            @if ($set === null || $set->items === [])
                <h2 id="made-title" class="sets-lead">{{ __('sets.lead') }}</h2>
                <p class="hint">{{ __('sets.lead-hint') }}</p>
                @include('sets-room.kept')
            @else
                @include('sets-room.made')
            @endif
        </section>
    </main>
</x-page>
