<section id="help" class="help" aria-labelledby="help-title">
    <div class="help-card">
        <h2 id="help-title">{{ __('turn.keys-title') }}</h2>
        <dl>
            @php($keysOf = ['write' => ['↵'], 'leave' => ['Esc'], 'hint' => ['h'], 'undo' => ['u']]
                + ($turn->door === null
                    ? ['watch' => ['v'], 'another' => ['w'], 'projector' => ['p'], 'next' => ['→', __('ui.space')]]
                    : [])
                + ['help' => ['?']])
            @foreach ($keysOf as $what => $keys)
                <div>
                    <dt>@foreach ($keys as $key)<kbd>{{ $key }}</kbd> @endforeach</dt>
                    <dd>{{ __("turn.keys.$what") }}</dd>
                </div>
            @endforeach
        </dl>
        <a class="button" id="help-close" href="#work">{{ __('ui.close') }} <kbd>Esc</kbd></a>
    </div>
</section>
