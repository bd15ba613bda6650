<h2 class="margin-label">{{ __('turn.compare-with') }}</h2>
<ul class="turn-ways">
    @foreach ($turn->ways() as $offer)
        <li><a @class(['option', 'is-taken' => $turn->query->compare === $offer->method->id()])
            href="{{ $turn->to(['compare' => $offer->method->id()]) }}"
            hx-get="{{ $turn->to(['compare' => $offer->method->id()]) }}" hx-target="#turn" hx-push-url="true"
            @if ($turn->query->compare === $offer->method->id()) aria-current="true"
            @endif>{{ $page->methodName($turn->job, $offer->method->id()) }}</a></li>
    @endforeach
</ul>
