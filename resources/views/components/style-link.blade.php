@props(['place'])
<div class="masthead-style">
    <a class="masthead-link" id="to-style" href="{{ route('style', $place, false) }}">{{ __('ui.house-style') }}</a>
    <button type="button" class="masthead-more" id="more-styles" aria-expanded="false" aria-controls="kept-styles"
        aria-label="{{ __('style.named') }}"
            hx-get="{{ route('style.kept', $place, false) }}" hx-target="#kept-styles">▾</button>
    <div class="masthead-kept" id="kept-styles" hidden></div>
</div>
