<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Node;

/** Something a demonstration says that is true or false by itself. It is proved elsewhere, by what knows no methods. */
interface Claim
{
    /** @return list<Node> the mathematics it speaks of */
    public function nodes(): array;
}
