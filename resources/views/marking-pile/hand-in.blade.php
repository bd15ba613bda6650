@if ($pile === null)
    <p class="house-lead">{{ __('pile.lead') }}</p>
@endif
@if ($refused !== null)
    <p class="refusal refusal-reason" role="alert">{!! $page->say($refused) !!}</p>
@endif
<label class="pile-label" for="text">{{ __('pile.text') }}</label>
<textarea class="textarea pile-text" id="text" name="text" rows="12" spellcheck="false" autocapitalize="off"
    aria-describedby="text-hint">{{ $text }}</textarea>
<p class="hint" id="text-hint">{{ __('pile.text-hint') }}</p>
<div class="pile-more">
    <label class="pile-label">{{ __('pile.common') }}<input class="input" name="common" value="{{ $common }}"
        maxlength="400" autocomplete="off" spellcheck="false"></label>
    <label class="pile-label is-narrow">{{ __('pile.points') }}<input class="input" name="points"
        value="{{ request('points') }}" inputmode="numeric" maxlength="2" autocomplete="off"></label>
    <label class="pile-label">{{ __('pile.file') }}<x-file-field
        accept=".txt,.md,.csv,text/plain,text/markdown,text/csv" /></label>
</div>
<p class="pile-go"><button class="button ask-go foot-main" id="mark">{{ __('pile.mark-it') }}</button>
    @if ($pile === null)<a
    class="button" href="{{ route('marking', ['sample' => 1], false) }}">{{ __('pile.sample') }}</a>@endif
    <span class="hint">{{ __('pile.privacy') }}</span></p>
