<x-page :title="__('learner.pile-title')" body="learners">
    <x-masthead here="learners" />
    <main id="work" class="tutor-desk" tabindex="0">
        <section class="tutor-card is-wide" aria-labelledby="whose">
            <h1 id="whose">{{ __('learner.pile-title') }}</h1>
            <p>{{ __('learner.pile-lead') }}</p>
            <form action="{{ route('learners.pile.keep', [], false) }}" method="post" class="tutor-form">
                @csrf
                <textarea name="text" hidden>{{ $text }}</textarea>
                <input type="hidden" name="common" value="{{ $common }}">
                <input type="hidden" name="from" value="{{ $pile->from }}">
                <ul class="handed-list whose-list">
                    @foreach ($pile->pieces as $place => $piece)
                        <li>
                            <p><strong>{{ $piece->piece->learner }}</strong>
                                @if ($piece->problem !== null){!! $page->maths($piece->problem->node) !!}@else<span
                                class="marked-typed">{{ $piece->piece->problem }}</span>@endif</p>
                            <input type="hidden" name="mark[{{ $place }}]" value="{{ $piece->mark }}">
                            <input type="hidden" name="remark[{{ $place }}]" value="{{ $piece->remark }}">
                            @foreach ($piece->ruling->fields() as $name => $value)
                                <input type="hidden" name="rule[{{ $place }}]{{ $name }}" value="{{ $value }}">
                            @endforeach
                            @if ($piece->marking === null)
                                <p class="refusal-reason">{!! $page->say($piece->refusal->reason) !!}</p>
                            @else
                                <label>{{ __('learner.whose') }} <select class="input" name="whose[{{ $place }}]">
                                    <option value="">{{ __('learner.nobody') }}</option>
                                    @foreach ($learners as $learner)
                                        <option value="{{ $learner->id }}"
                                            @selected($matched[$place] === $learner->id)>{{ $learner->name }}</option>
                                    @endforeach
                                    @if ($matched[$place] === null && $piece->piece->learner !== '')
                                        <option
                                            value="new">{{ __('learner.somebody-new',
                                            ['name' => $piece->piece->learner]) }}</option>
                                    @endif
                                </select></label>
                            @endif
                        </li>
                    @endforeach
                </ul>
                <p class="tutor-go"><button class="button ask-go"
                    id="keep-pile">{{ __('learner.keep-pile') }}</button></p>
            </form>
        </section>
    </main>
</x-page>
