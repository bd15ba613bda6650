<?php

declare(strict_types=1);

namespace App\Bench;

use Runel\Demonstration\Figure\Figure;
use Runel\Problem\Problem;

/** A demonstration to begin with: where it is, and a picture from its middle. */
final readonly class Starter
{
    public function __construct(
        public string $job,
        public string $method,
        public Problem $problem,
        public Figure $figure,
        public string $address,
    ) {}
}
