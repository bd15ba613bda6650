<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Number\Rational;

/** A number for each letter at which two lines tell themselves apart, and what both come to there. */
final readonly class Difference
{
    /** @param array<string, Rational> $at by letter */
    public function __construct(public array $at, public Rational $before, public Rational $after) {}
}
