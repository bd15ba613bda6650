<section id="help" class="help" aria-labelledby="help-title">
    <div class="help-card">
        <h2 id="help-title">{{ __('ui.help-title') }}</h2>
        <dl>
            @foreach (['next' => ['→', __('ui.space')], 'back' => ['←'], 'first' => ['Home'], 'all' => ['End'],
                'ask' => ['q'], 'turn' => ['y'], 'ways' => ['2'], 'another' => ['w'], 'go-on' => ['g'],
                'why' => ['e'], 'calculator' => ['k'], 'point' => ['l'],
                'pen' => ['d'], 'aloud' => ['v'], 'changed' => ['o'],
                'rub' => ['x'], 'room' => ['r'], 'present' => ['p'], 'seat' => ['+', '-'], 'figure' => ['f'],
                'blank' => ['.'], 'rooms' => ['m'], 'copy' => ['c'], 'help' => ['?'],
                'close' => ['Esc']] as $what => $keys)
                <div><dt>@foreach ($keys as $key)<kbd>{{ $key }}</kbd>
                    @endforeach</dt><dd>{{ __("ui.help-keys.$what") }}</dd></div>
            @endforeach
        </dl>
        <a class="button" id="help-close" href="#work">{{ __('ui.close') }} <kbd>Esc</kbd></a>
    </div>
</section>
