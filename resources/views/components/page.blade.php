@props(['title' => null, 'body' => '', 'scripts' => []])
<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app('translator')->getLocale()) }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="htmx-config"
        content='{"includeIndicatorStyles":false,"allowEval":false,"historyCacheSize":0,"refreshOnHistoryMiss":true}'>
    <title>{{ $title === null ? __('ui.title') : $title . ' · ' . __('ui.title') }}</title>
    <link rel="icon" href="{{ $asset('mark.svg') }}" type="image/svg+xml">
    <link rel="preload" href="{{ $asset('vendor/math.woff2') }}" as="font" type="font/woff2" crossorigin>
    <link rel="stylesheet" href="{{ $asset('vendor/bulma.css') }}">
    <link rel="stylesheet" href="{{ $asset('runel.css') }}">
    <script src="{{ $asset('vendor/htmx.js') }}" defer></script>
    @foreach ($scripts as $script)
        <script src="{{ $asset($script) }}" defer></script>
    @endforeach
    @foreach (\App\View\Version::MODULES as $module)
        <link rel="modulepreload" href="{{ \App\View\Version::script($module) }}">
    @endforeach
    <script src="{{ \App\View\Version::script('main') }}" type="module"></script>
</head>
<body class="{{ $body }}" data-copy="{{ __('ui.copy') }}" data-copied="{{ __('ui.copied') }}"
    data-copy-text="{{ __('ui.copy-text') }}" data-failed="{{ __('ui.failed') }}">
<a class="skip" href="#work">{{ __('ui.skip') }}</a>
{{ $slot }}
</body>
</html>
