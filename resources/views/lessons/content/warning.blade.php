@include('lessons.content.demonstration')
<p>{!! $page->word("slip.{$content->slip->value}.watch") !!}</p>
