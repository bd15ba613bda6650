<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Expression;
use Runel\Expression\Node;

/** At these real numbers something has no value because 0 stands below a line in it, and at no others. */
final readonly class Excluded implements Claim
{
    /** @param list<Expression> $values each once */
    public function __construct(public Node $given, public string $letter, public array $values) {}

    public function nodes(): array
    {
        return [$this->given, ...$this->values];
    }
}
