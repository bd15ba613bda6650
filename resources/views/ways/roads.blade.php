<x-page :title="$roads->address->problem()" body="roads">
    <x-masthead>
        <h1 class="board-problem">{!! $page->maths($roads->demonstrations[0]->task->problem->node) !!}</h1>
        <p class="board-method">{{ __('ui.all-roads') }}</p>
    </x-masthead>
    <main id="work" class="roads-desk">
        <p class="roads-lead">
            {{ trans_choice($roads->agree() ? 'ui.roads-agree' : 'ui.roads-count', count($roads->demonstrations)) }}
            <strong>{!! $page->maths($roads->demonstrations[0]->answer->node()) !!}</strong>
        </p>
        <ul class="roads-list">
            @foreach ($roads->demonstrations as $demonstration)
                <li class="road">
                    <h2><a href="{{ $roads->board($demonstration) }}">{{ $page->methodName($roads->job,
                        $demonstration->method) }}</a></h2>
                    <p class="card-cost">{{ trans_choice('ui.steps',
                        $demonstration->forecast->steps) }}@if ($demonstration->forecast->trials > 0) ·
                        {{ trans_choice('ui.trials', $demonstration->forecast->trials) }}@endif
                        @if ($demonstration->forecast->fractions) · {{ __('ui.fractions') }}@endif</p>
                    <p class="card-advice">{!! $page->say($demonstration->forecast->advice) !!}</p>
                    <ol class="road-marks">
                        @foreach ($roads->landmarks($demonstration) as [$section, $step])
                            <li><span class="road-part">{{ $page->say($section->title()) }}</span>
                                {!! $section->outcome !== null ? $page->say($section->outcome)
                                    : $page->line($roads->reached($step)) !!}</li>
                        @endforeach
                    </ol>
                </li>
            @endforeach
        </ul>
    </main>
</x-page>
