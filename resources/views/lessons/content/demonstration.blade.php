<p @class(['line' => $links, 'set-maths' => !$links])><x-problem :demonstration="$content->demonstration()" /></p>
