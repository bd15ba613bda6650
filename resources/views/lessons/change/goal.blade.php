<label>{{ __('lesson.words-label') }} <textarea class="textarea" name="text"
    rows="2">{{ $content->text }}</textarea></label>
