<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** A part that is pointed at. Faces show the mark in their own way; its value is that of what it marks. */
final readonly class Marked implements Expression
{
    public function __construct(public Expression $content, public Mark $mark) {}

    public function valueAt(array $values): Rational
    {
        return $this->content->valueAt($values);
    }

    public function children(): array
    {
        return [$this->content];
    }
}
