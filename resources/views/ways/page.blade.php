<x-page :title="$ways->address->problem()" body="ways">
    <div id="ways">@include('ways.ways')</div>
</x-page>
