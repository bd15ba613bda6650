<x-page :title="__('door.title')" body="tutor">
    <x-masthead here="tutor" />
    <main id="work" class="tutor-desk" tabindex="0">
        <x-told />
        @if ($state === 'elsewhere')
            <p class="refusal refusal-reason" role="alert">{{ __('door.elsewhere') }}</p>
        @elseif ($state === 'first')
            <section class="tutor-card" aria-labelledby="first">
                <h1 id="first">{{ __('door.first-title') }}</h1>
                <p>{{ __('door.first-lead') }}</p>
                <form action="{{ route('tutor.first', [], false) }}" method="post">
                    @csrf
                    <label>{{ __('door.wanted-new') }} <input class="input" type="password" name="wanted" id="wanted"
                        autocomplete="new-password" required minlength="{{ \App\Access\Passphrase::SHORTEST }}"
                        maxlength="{{ \App\Access\Passphrase::LONGEST }}" aria-describedby="wanted-hint"
                        autofocus></label>
                    <p class="hint"
                        id="wanted-hint">{{ __('door.first-hint', ['least' => \App\Access\Passphrase::SHORTEST]) }}</p>
                    <label>{{ __('door.again') }} <input class="input" type="password" name="again"
                        autocomplete="new-password" required></label>
                    <p class="tutor-go"><button class="button ask-go" id="set">{{ __('door.set') }}</button></p>
                </form>
            </section>
        @elseif ($state === 'door')
            <section class="tutor-card" aria-labelledby="enter-title">
                <h1 id="enter-title">{{ __('door.enter-title') }}</h1>
                <form action="{{ route('tutor.enter', [], false) }}" method="post">
                    @csrf
                    <label>{{ __('door.passphrase') }} <input class="input" type="password" name="passphrase"
                        id="passphrase" autocomplete="current-password" required autofocus></label>
                    <label class="tutor-check"><input type="checkbox" name="remember"
                        value="1"> {{ __('door.remember') }}</label>
                    <p class="tutor-go"><button class="button ask-go" id="enter">{{ __('door.enter') }}</button></p>
                </form>
                <p class="hint">{{ __('door.forgotten') }}</p>
            </section>
        @else
            <div class="tutor-cards">
                <section class="tutor-card" aria-labelledby="in">
                    <h1 id="in">{{ __('door.in-title') }}</h1>
                    <form action="{{ route('tutor.leave', [], false) }}" method="post">
                        @csrf
                        <p>{{ __('door.leave-hint') }}</p>
                        <p class="tutor-go"><button class="button" id="leave">{{ __('door.leave') }}</button></p>
                    </form>
                </section>
                <section class="tutor-card" aria-labelledby="keep-title">
                    <h2 id="keep-title">{{ __('door.keep-title') }}</h2>
                    <form action="{{ route('tutor.settings', [], false) }}" method="post">
                        @csrf
                        <label>{{ __('door.keep') }} <input class="input is-number" name="keep_months"
                            value="{{ $tutor->keep_months }}" inputmode="numeric" maxlength="3"></label>
                        <p class="tutor-go"><button class="button">{{ __('door.save') }}</button></p>
                    </form>
                </section>
                <section class="tutor-card" aria-labelledby="export-title">
                    <h2 id="export-title">{{ __('door.export-title') }}</h2>
                    <p>{{ __('door.export-hint') }}</p>
                    <p class="tutor-go"><a class="button" id="export"
                        href="{{ route('tutor.export', [], false) }}">{{ __('door.export') }}</a></p>
                </section>
                <section class="tutor-card" aria-labelledby="change-title">
                    <h2 id="change-title">{{ __('door.change-title') }}</h2>
                    <form action="{{ route('tutor.change', [], false) }}" method="post">
                        @csrf
                        <label>{{ __('door.now') }} <input class="input" type="password" name="passphrase"
                            autocomplete="current-password" required></label>
                        <label>{{ __('door.wanted-new') }} <input class="input" type="password" name="wanted"
                            autocomplete="new-password" required></label>
                        <label>{{ __('door.again') }} <input class="input" type="password" name="again"
                            autocomplete="new-password" required></label>
                        <p class="tutor-go"><button class="button">{{ __('door.change') }}</button></p>
                    </form>
                </section>
                <section class="tutor-card" aria-labelledby="everywhere-title">
                    <h2 id="everywhere-title">{{ __('door.everywhere-title') }}</h2>
                    <p>{{ __('door.everywhere-hint') }}</p>
                    <form action="{{ route('tutor.leave-everywhere', [], false) }}" method="post">
                        @csrf
                        <label>{{ __('door.passphrase') }} <input class="input" type="password" name="passphrase"
                            autocomplete="current-password" required></label>
                        <p class="tutor-go"><button class="button">{{ __('door.everywhere') }}</button></p>
                    </form>
                </section>
            </div>
        @endif
    </main>
</x-page>
