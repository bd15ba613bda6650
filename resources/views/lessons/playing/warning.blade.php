<h1 class="projector-ready">{!! $page->word("slip.{$content->slip->value}.watch") !!}</h1>
<p class="projector-problem">{!! $page->maths($content->demonstration()->task->problem->node) !!}</p>
