<?php

declare(strict_types=1);

namespace App\Ways;

use Runel\Demonstration\Step;

/** Two steps that stand beside each other; one of them alone where the other road has none like it. */
final readonly class ComparedRow
{
    /**
     * @param bool $isSame  whether both write the same lines
     * @param bool $isFirst whether it is the first that differs
     */
    public function __construct(
        public ?Step $left,
        public ?Step $right,
        public bool $isSame,
        public bool $isFirst,
    ) {}
}
