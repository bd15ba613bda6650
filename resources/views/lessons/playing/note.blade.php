<h1 class="projector-ready lesson-words">{{ $content->text }}</h1>
