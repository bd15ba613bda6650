<form action="{{ route('learn', [], false) }}" method="post" class="learn-form">
    @csrf
    <label class="switch-subject" for="lines">{{ __('learning.ask') }}</label>
    <textarea class="textarea" id="lines" name="lines" rows="7" spellcheck="false" autocapitalize="off"
        maxlength="20000" aria-describedby="lines-hint" placeholder="{{ __('learning.example') }}"
        required>{{ $typed ?? '' }}</textarea>
    <p class="hint" id="lines-hint">{{ __('learning.ask-hint') }}</p>
    <button class="button">{{ __(isset($typed) ? 'learning.again' : 'learning.go') }}</button>
</form>
