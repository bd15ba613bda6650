@if ($content->pick === null)
    <label>{{ __('handed.problems') }} <textarea class="textarea maths-input" name="own" rows="5"
        spellcheck="false">{{ implode("\n", $content->own) }}</textarea></label>
@else
    @include('lessons.set-fields', ['skill' => $content->pick->skill, 'rungs' => $content->pick->rungs,
        'count' => $content->pick->count, 'seed' => $content->seed,
        'defaults' => $content->defaults])
@endif
