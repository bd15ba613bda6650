<section class="open checks">
    <h2 class="open-name">{{ $page->word('name.phase.checking') }}</h2>
    @foreach ($group->reached as $past)
        <article data-thing="{{ \App\Board\Thing::check($past->content) }}"
            @class(['check', 'is-now' => $past->number === $board->shown]) @if ($past->number === $board->shown)
            id="now" @endif>
            <h3><span class="tick" role="img" aria-label="{{ __('ui.check-mark') }}">✓</span>
                {!! $page->say($past->content->title) !!}</h3>
            @if ($past->content->figure !== null && $past->number === $board->shown)
                <figure class="figure check-figure">{!! $page->figure($past->content->figure) !!}</figure>
            @endif
            <div class="check-lines">
                @foreach ($past->content->lines as $line)
                    {!! $page->line($line, thing: \App\Board\Thing::line($past->content, $line)) !!}
                @endforeach
            </div>
        </article>
    @endforeach
</section>
