<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Expression\Node;

/** A slip done on purpose: it rewrites a line at every place where it fits, as people do by mistake. */
interface WrongRule
{
    public function slip(): Slip;

    /** The key of what is said of it. */
    public function says(): string;

    /** @return iterable<Node> the whole line, each time with the slip done at one place */
    public function wrong(LineParts $parts): iterable;
}
