<x-page :title="__('formula.title')" body="ways">
    <div id="ways">@include('ways.letters')</div>
</x-page>
