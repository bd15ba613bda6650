<p class="lesson-words">{{ $content->text }}</p>
