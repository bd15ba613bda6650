<table class="tally">
    <thead>
        <tr>
            <th scope="col">{{ __('pile.slip') }}</th>
            <th scope="col">{{ __('pile.times') }}</th>
            <th scope="col">{{ __('pile.whose') }}</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($pile->tallies as $tally)
            <tr>
                <th scope="row">{{ $page->plain(\Runel\Message\Message::of("slip.{$tally->slip->value}.name")) }}</th>
                <td>{{ $tally->times }}</td>
                <td>{{ $tally->learners === [] ? __('pile.unnamed') : implode(', ', $tally->learners) }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
