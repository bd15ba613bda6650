<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;
use Runel\Lesson\ItemKind;
use Runel\Slip\Slip;

/** A slip, and a problem it lurks in. */
final readonly class Caution implements Content
{
    use AboutProblem;

    public function __construct(private Demonstration $demonstration, public Slip $slip) {}

    public function kind(): ItemKind
    {
        return ItemKind::Warning;
    }
}
