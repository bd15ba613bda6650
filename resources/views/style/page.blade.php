<x-page :title="__('style.title')" body="house">
    <x-masthead><h1 class="board-problem">{{ __('style.title') }}</h1><p class="board-method"><a id="way-back" href="{{ route(isset($place['method']) ? 'board' : 'bench', $place, false) }}">{{ isset($place['method']) ? __('ui.to-board') : __('ui.to-bench') }}</a></p></x-masthead>
    <main id="work" class="house-desk">
        <p class="house-lead">{{ __('style.lead') }}</p>
        @if (session('notice'))
            <p class="notice" role="status">{{ session('notice') }}</p>
        @endif
        <form action="{{ route('style.keep', [], false) }}" method="post" id="house">
            @csrf
            @foreach ($place as $name => $value)
                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
            @endforeach
            <div class="switches">
                @foreach ($switches as $switch)
                    <fieldset class="switch">
                        <legend>{{ __("style.key.{$switch['key']}") }}</legend>
                        <div class="switch-values">
                            @foreach ($switch['values'] as $value)
                                <label class="switch-value">
                                    <input type="radio" name="{{ $switch['key'] }}" value="{{ $value['value'] }}" @checked($value['taken'])>
                                    <span class="switch-name">{{ __("style.value.{$switch['key']}.{$value['value']}") }}</span>
                                    <span class="miniature">{!! $value['miniature'] !!}</span>
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
