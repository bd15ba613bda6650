<?php

declare(strict_types=1);

namespace App\Pile;

/** One learner's work on one problem, as it was handed in. */
final readonly class Piece
{
    /**
     * @param string       $learner '' where nobody is named
     * @param list<string> $lines
     */
    public function __construct(public string $learner, public string $problem, public array $lines) {}
}
