<x-page :title="__('handed.title')" body="learners">
    <x-masthead here="learners" />
    <main id="work" class="tutor-desk" tabindex="0">
        <section class="tutor-card is-wide" aria-labelledby="hand-title">
            <h1 id="hand-title">{{ __('handed.title') }}</h1>
            <p>{{ __('handed.lead') }}</p>
            @if ($isUnreachable)<p class="refusal">{{ __('handed.only-here') }}</p>@endif
            @if ($refusal !== null)
                <div class="refusal" role="alert"><p class="refusal-reason">{!! $page->say($refusal->reason) !!}</p>
                    </div>
            @endif
            <form action="{{ route('handing.hand', [], false) }}" method="post" class="tutor-form">
                @csrf
                <label>{{ __('handed.problems') }} <textarea class="textarea maths-input" name="problems" id="problems"
                    rows="4" spellcheck="false" aria-describedby="problems-hint">{{ $text }}</textarea></label>
                <p class="hint" id="problems-hint">{{ __('handed.problems-hint') }}</p>
                <fieldset class="hand-as">
                    <legend>{{ __('handed.as') }}</legend>
                    <label class="tutor-check"><input type="radio" name="as" value="work" @checked(!$isHunt)>
                        {{ __('handed.as-work') }}</label>
                    <label class="tutor-check"><input type="radio" name="as" value="page" @checked($isHunt)>
                        {{ __('handed.as-page') }}</label>
                    <label class="tutor-check"><input type="checkbox" name="each" value="1"
                        @checked($given->isOn('each'))> {{ __('handed.each') }}</label>
                    <label class="tutor-check"><input type="checkbox" name="test" value="1"
                        @checked($given->isOn('test'))> {{ __('handed.test') }}</label>
                    <label>{{ __('handed.slip') }} <x-slip-choice :chosen="$slip" any /></label>
                </fieldset>
                <fieldset>
                    <legend>{{ __('handed.whom') }}</legend>
                    @if ($learners === [])
                        <p class="hint">{{ __('handed.nobody-yet') }}</p>
                    @endif
                    @foreach (['groups' => $groups, 'learners' => $learners] as $what => $list)
                        @if ($list !== [])
                            <p class="margin-label">{{ __("handed.$what") }}</p>
                            <p class="tutor-checks">@foreach ($list as $one)<label class="tutor-check"><input
                                type="checkbox" name="learners[]" value="{{ $one->id }}"
                                @checked(in_array($one->id, $chosen, true))> {{ $one->name }}</label>@endforeach</p>
                        @endif
                    @endforeach
                </fieldset>
                <label>{{ __('handed.days') }} <select class="input is-number" name="days">
                    @foreach (\App\Learners\Handings::TIMES as $days)
                        <option value="{{ $days }}"
                            @selected(($given->number('days', 2) ?? 7) === $days)>{{
                            trans_choice('handed.times', $days) }}</option>
                    @endforeach
                </select></label>
                <label>{{ __('handed.opens') }} <input class="input" type="datetime-local" name="opens"
                    value="{{ $given->text('opens', 20) }}"></label>
                @if ($shares !== [])
                    <div class="hand-look" role="group" aria-label="{{ __('handed.looked') }}">
                        <h2 class="margin-label">{{ __('handed.looked') }}</h2>
                        <table class="tally">
                            <thead><tr><th scope="col">{{ __('learner.learner') }}</th>
                                <th scope="col">{{ __('handed.gets') }}</th></tr></thead>
                            <tbody>@foreach ($shares as [$learner, $tasks])
                                <tr><th scope="row">{{ $learner->name }}</th>
                                    <td><ol class="hand-tasks">@foreach ($tasks as $task)<li><span
                                        class="hint">{{ $page->jobName($task->job
                                        ?? \Runel\Job\Jobs::all()->chosen($task->task()->problem, null)->job())
                                        }}</span>
                                        {!! $page->maths($task->task()->problem->node) !!}@if ($task->page !== [])
                                        <span class="hint">{{ __('spot.title') }}</span>@endif</li>@endforeach</ol></td>
                                </tr>@endforeach</tbody>
                        </table>
                    </div>
                @endif
                <p class="tutor-go"><button @class(['button', 'ask-go' => $shares === []]) name="do" value="look"
                    id="look">{{ __('handed.look') }}</button>
                    <button @class(['button', 'ask-go' => $shares !== []]) name="do" value="hand"
                        id="hand">{{ $shares === [] ? __('handed.hand')
                        : trans_choice('handed.make', count($shares)) }}</button></p>
            </form>
        </section>
    </main>
</x-page>
