<?php

declare(strict_types=1);

namespace Runel\Problem;

use Runel\Expression\Expression;
use Runel\Polynomial\Polynomial;

/** One factor of a product: as it was typed, and as a polynomial in standard form. */
final readonly class Factor
{
    public function __construct(public Expression $written, public Polynomial $polynomial) {}
}
