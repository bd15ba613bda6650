<div class="pen-bar pen-tools" id="pen-tools" role="toolbar" aria-label="{{ __('ui.ink.title') }}" hidden>
    @foreach (['black', 'rust'] as $ink)
        <button type="button" class="pen pen-ink" data-ink="{{ $ink }}" aria-pressed="false"><span
            class="ink-drop is-{{ $ink }}" aria-hidden="true"></span>{{ __("ui.ink.$ink") }}</button>
    @endforeach
    <span class="pen-gap"></span>
    @foreach (['free', 'ring', 'underline', 'arrow', 'cover', 'rub'] as $tool)
        <button type="button" class="pen" data-tool="{{ $tool }}" aria-pressed="false">{{ __("ui.ink.$tool") }}
            @if ($tool === 'rub')<kbd>x</kbd>@endif</button>
    @endforeach
    <button type="button" class="pen" id="ink-clear">{{ __('ui.ink.clear') }} <kbd>x x</kbd></button>
    <button type="button" class="pen is-main" id="ink-done">{{ __('ui.ink.done') }} <kbd>Esc</kbd></button>
</div>
