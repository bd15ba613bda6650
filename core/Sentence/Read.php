<?php

declare(strict_types=1);

namespace Runel\Sentence;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** A sentence, read: the mathematics it is about, and what is asked of it. */
final readonly class Read
{
    /**
     * @param string|null     $subject   the letter that is wanted, where there are several
     * @param string|null     $function  the name it was given, as f(x)
     * @param int|null        $awkwardAt where a letter stands that no polynomial can have there, from 1
     * @param Expression|null $remainder what a division is said to leave
     */
    public function __construct(
        public Expression|Equation $node,
        public ?string $subject,
        public Asked $asked,
        public ?string $function = null,
        public ?int $awkwardAt = null,
        public ?Expression $remainder = null,
    ) {}
}
