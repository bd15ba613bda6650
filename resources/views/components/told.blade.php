@props(['refused' => null])
@if (session('notice'))
    <p class="notice" role="status">{{ session('notice') }}</p>
@endif
@if (session('refused'))
    <p class="refusal refusal-reason" role="alert">{{ session('refused') }}</p>
@endif
@if ($refused !== null)
    <p class="refusal refusal-reason" role="alert">{!! $page->say($refused) !!}</p>
@endif
