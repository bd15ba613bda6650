<x-page :title="__('style.title')" body="house">
    <x-masthead><h1 class="board-problem"
        tabindex="0">{{ __('style.title') }}</h1><p class="board-method"><a id="way-back"
        href="{{ route(isset($place['method']) ? 'board' : 'bench', $place, false) }}">{{ isset($place['method'])
        ? __('ui.to-board') : __('ui.to-bench') }}</a></p></x-masthead>
    <main id="work" class="house-desk">
        <p class="house-lead">{{ __('style.lead') }}</p>
        @if (session('notice'))
            <p class="notice" role="status">{{ session('notice') }}</p>
        @endif
        <nav class="house-index" aria-label="{{ __('style.index') }}">
            @foreach (array_keys($groups) as $subject)
                <a class="option" href="#style-{{ $subject }}">{{ __("style.subject.$subject") }}</a>
            @endforeach
        </nav>
        <form action="{{ route('style.keep', [], false) }}" method="post" id="house">
            @csrf
            @foreach ($place as $name => $value)
                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
            @endforeach
            @foreach ($groups as $subject => $switches)
                <h2 class="switch-subject" id="style-{{ $subject }}">{{ __("style.subject.$subject") }}</h2>
                <div class="switches">
                    @foreach ($switches as $switch)
                        <fieldset @class(['switch', 'is-changed' => $switch['changed']])>
                            <legend>{{ __("style.key.{$switch['key']}") }}@if ($switch['changed'])<span
                                class="switch-mark">{{ __('style.changed') }}</span>@endif</legend>
                            <div class="switch-values">
                                @foreach ($switch['values'] as $value)
                                    <label class="switch-value">
                                        <input type="radio" name="{{ $switch['key'] }}" value="{{ $value['value'] }}"
                                            @checked($value['taken'])>
                                        <span
                                            class="switch-name">{{ __("style.value.{$switch['key']}.{$value['value']}")
                                            }}</span>
                                        @if ($value['miniature'] !== '')
                                            <span class="miniature">{!! $value['miniature'] !!}</span>
                                        @endif
                                    </label>
                                @endforeach
                            </div>
                        </fieldset>
                    @endforeach
                </div>
            @endforeach
            <div class="house-keep">
                <button class="button ask-go">{{ __('style.keep') }}</button>
                <label class="house-name">{{ __('style.name') }} <input class="input" name="name" maxlength="40"
                    autocomplete="off" placeholder="{{ __('style.name-example') }}"></label>
                <span class="hint">{{ __($mine ? 'style.where-mine' : 'style.where') }}</span>
            </div>
        </form>
        @include('ways.learn', ['typed' => null])
        <section class="house-named" aria-labelledby="named">
            <h2 class="switch-subject" id="named">{{ __('style.named') }}</h2>
            @foreach ($clashes as $clash)
                <div class="notice style-clash" role="group" aria-label="{{ __('style.clash', ['name' => $clash]) }}">
                    <p>{{ __('style.clash', ['name' => $clash]) }}</p>
                    @foreach (['own', 'browser', 'both'] as $which)
                        <form action="{{ route('style.keep', [], false) }}" method="post">
                            @csrf
                            <input type="hidden" name="settle" value="{{ $clash }}">
                            <button class="button is-small" name="which"
                                value="{{ $which }}">{{ __("style.which.$which") }}</button>
                        </form>
                    @endforeach
                </div>
            @endforeach
            @if ($kept === [])
                <p class="hint">{{ __('style.none-named') }}</p>
            @else
                <ul class="kept-styles">
                    @foreach ($kept as $name => $address)
                        <li>
                            <a class="option" href="{{ $address }}">{{ $name }}</a>
                            <button class="shelf-remove" form="forget" name="forget" value="{{ $name }}"
                                data-undo="{{ __('ui.undo') }}" data-gone="{{ __('style.forgotten') }}"
                                aria-label="{{ __('style.forget', ['name' => $name]) }}">×</button>
                        </li>
                    @endforeach
                </ul>
            @endif
        </section>
        <form action="{{ route('style.keep', [], false) }}" method="post" id="forget">
            @csrf
            @foreach ($place as $name => $value)
                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
            @endforeach
        </form>
    </main>
</x-page>
