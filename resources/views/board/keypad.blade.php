@if ($keyed === [])
    <p>{{ __('ui.calculator.none') }}</p>
@else
    <p class="hint">{{ __("ui.calculator.$kind->value") }}</p>
    @foreach ($keyed as $figure)
        <p class="why-line">{!! $page->maths($figure->meant) !!}</p>
        <x-keys :keys="$figure->keys" :right="true" />
        @if ($figure->other !== null)
            <p class="hint">{{ __('ui.calculator.wrong') }} {!! $page->maths($figure->other) !!}</p>
            <x-keys :keys="$figure->wrong" :right="false" />
        @endif
    @endforeach
@endif
