<p class="waiting">{{ __('ui.wait') }}</p>
<ul class="starters">
    @foreach ($starters as $starter)
        <li>
            <a class="starter" href="{{ $starter->address }}">
                <span class="starter-problem">{!! $page->maths($starter->problem->node) !!}</span>
                <span class="starter-method">{{ $page->jobName($starter->job) }} ·
                    {{ $page->methodName($starter->job, $starter->method) }}</span>
                <span class="starter-picture" aria-hidden="true">{!! $page->figure($starter->figure) !!}</span>
            </a>
        </li>
    @endforeach
</ul>
