<?php

declare(strict_types=1);

namespace Runel\Expression;

/** A base with an exponent. */
final readonly class Power implements Expression
{
    use Vocabulary;

    public function __construct(public Expression $base, public Expression $exponent) {}

    public function children(): array
    {
        return [$this->base, $this->exponent];
    }

    public function withChildren(array $children): self
    {
        [$base, $exponent] = Parts::expressions($children, 2);

        return new self($base, $exponent);
    }

    public function base(): Expression
    {
        return $this->base;
    }

    /** What stands below the line in its place, where its exponent is negative and whole: x³ of x⁻³; else null. */
    public function turnedOver(): ?Expression
    {
        $exponent = $this->wholeExponent() ?? 0;

        return match (true) {
            $exponent >= 0 => null,
            $exponent === -1 => $this->base,
            default => new self($this->base, Numeral::of(-$exponent)),
        };
    }

    public function wholeExponent(): ?int
    {
        return $this->exponent->number()?->toInt();
    }
}
