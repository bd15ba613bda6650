<x-page :title="__('sets.title')" body="sets">
    <x-masthead here="sets">
        <x-style-link :place="[]" />
    </x-masthead>
    <main id="work" @class(['sets-desk', 'has-set' => $set !== null && $set->items !== []]) tabindex="0">
        <section class="sets-order" aria-labelledby="order-title">
            <h1 id="order-title" class="unseen">{{ __('sets.order') }}</h1>
            <nav class="skills" aria-label="{{ __('sets.skills') }}">
                @foreach (\App\Sets\LadderPicture::skills() as $job => $skills)
                    <details class="skills-job" name="job" @if (in_array($ladder->ladder->skill(), $skills, true)) open
                        @endif>
                        <summary class="skills-name">{{ $page->jobName($job) }}</summary>
                        @foreach ($skills as $skill)
                            <a @class(['skill', 'is-taken' => $ladder->ladder->skill() === $skill])
                                href="{{ route('sets', ['show' => $skill] + $query->parts(), false) }}"
                                @if ($ladder->ladder->skill() === $skill) aria-current="true"
                                @endif>{{ __("practice.skill.$skill") }}</a>
                        @endforeach
                    </details>
                @endforeach
            </nav>
            <form action="{{ route('sets', [], false) }}" method="get" id="order">
                @foreach (\App\Address\Hidden::fields(array_diff_key($query->parts(['kept' => null]),
                    ['seed' => 1, 'wish' => 1])) as [$name, $value])
                    <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                @endforeach
                <div id="ladder">@include('sets-room.ladder')</div>
            </form>
            <details class="sets-import">
                <summary>{{ __('sets.import') }}</summary>
                <form action="{{ route('import-set', [], false) }}" method="post" enctype="multipart/form-data">
                    @csrf
                    <label for="text">{{ __('sets.import-hint') }}</label>
                    <textarea class="textarea" id="text" name="text" rows="4" spellcheck="false"></textarea>
                    <x-file-field accept=".txt,.csv,.json,text/plain,text/csv,application/json"
                        :aria-label="__('pile.file')" />
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
