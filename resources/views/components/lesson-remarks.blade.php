@props(['remarks', 'item' => null])
@foreach ($remarks as $remark)
    @if ($remark->item === $item)
        <p class="lesson-remark">{!! $page->say($remark->message) !!}</p>
    @endif
@endforeach
