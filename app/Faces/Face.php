<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Demonstration\Demonstration;

/** One way to hand a whole demonstration over. */
interface Face
{
    public function write(Demonstration $demonstration): string;
}
