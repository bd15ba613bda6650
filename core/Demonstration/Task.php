<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** What a method is asked to do: a problem, a house style, and the choices the tutor has made. */
final readonly class Task
{
    /** @param array<string, string> $choices by the option's key */
    public function __construct(public Problem $problem, public HouseStyle $style, public array $choices = []) {}
}
