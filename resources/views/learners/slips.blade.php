@php($weeks = $record->weeks())
<div class="tally-both">
    {!! \App\Learners\SlipChart::svg($weeks, __('learner.slips')) !!}
    <div class="table-scroll" tabindex="0" role="group" aria-labelledby="slips">
        <table class="tally weeks">
            <thead><tr><th scope="col">{{ __('learner.week') }}</th>
                <th scope="col">{{ __('learner.pieces-head') }}</th><th scope="col">{{ __('learner.slips-head') }}</th>
                <th scope="col">{{ __('learner.which') }}</th></tr></thead>
            <tbody>
                @foreach ($weeks as $week)
                    <tr><th scope="row">{{ $week['from']->isoFormat('D MMM') }}</th><td>{{ $week['pieces'] }}</td>
                        <td>{{ array_sum($week['slips']) }}</td>
                        <td>@forelse ($week['slips'] as $slip => $times){{
                        $page->plain(\Runel\Message\Message::of("slip.$slip.name")) }}@if ($times > 1) ×
                        {{ $times }}@endif{{ $loop->last ? '' : ', ' }}@empty{{ $week['pieces'] === 0 ? ''
                        : __('learner.no-slips') }}@endforelse</td></tr>
                @endforeach
            </tbody>
        </table>
    </div>
</div>
