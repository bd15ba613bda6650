@props(['label' => __('ui.file.choose')])
{{-- Without a script the browser's own field stands there; with one its name is said in our own words. --}}
<span class="file-field" data-none="{{ __('ui.file.none') }}">
    <input type="file" name="file" {{ $attributes }}>
    <span class="file-face" aria-hidden="true" hidden><span class="button">{{ $label }}</span>
        <span class="file-said">{{ __('ui.file.none') }}</span></span>
</span>
