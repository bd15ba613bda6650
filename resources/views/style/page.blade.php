<x-page :title="__('style.title')" body="house">
    <x-masthead><h1 class="board-problem">{{ __('style.title') }}</h1><p class="board-method"><a id="way-back" href="{{ (isset($place['method']) ? '/board' : '/') . ($place === [] ? '' : '?' . http_build_query($place)) }}">{{ isset($place['method']) ? __('ui.to-board') : __('ui.to-bench') }}</a></p></x-masthead>
    <main id="work" class="house-desk">
        <p class="house-lead">{{ __('style.lead') }}</p>
        @if (session('notice'))
            <p class="notice" role="status">{{ session('notice') }}</p>
        @endif
        <form action="/style" method="post" id="house">
            @csrf
            @foreach ($place as $name => $value)
                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
            @endforeach
            <div class="switches">
                @foreach (App\Style\Miniatures::keys() as $key)
                    <fieldset class="switch">
                        <legend>{{ __("style.key.$key") }}</legend>
                        <div class="switch-values">
                            @foreach (Runel\Style\HouseStyle::TABLE[$key] as $value)
                                <label class="switch-value">
                                    <input type="radio" name="{{ $key }}" value="{{ $value }}" @checked($style->is($key, $value))>
                                    <span class="switch-name">{{ __("style.value.$key.$value") }}</span>
                                    <span class="miniature">{!! $miniatures->html($style, $key, $value) !!}</span>
                                </label>
                            @endforeach
                        </div>
                    </fieldset>
                @endforeach
            </div>
            <p class="house-keep"><button class="button ask-go">{{ __('style.keep') }}</button> <span class="hint">{{ __('style.where') }}</span></p>
        </form>
    </main>
</x-page>
