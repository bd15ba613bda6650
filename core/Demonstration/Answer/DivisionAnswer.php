<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Claim\DivisionHolds;
use Runel\Law\Claim\Identity;

/** Quotient and remainder of one polynomial divided by another. */
final readonly class DivisionAnswer implements Answer
{
    use PlainAnswer;

    /** @param Expression $mixed quotient plus remainder over divisor, as it is written */
    public function __construct(
        private Expression $dividend,
        private Expression $divisor,
        private Expression $quotient,
        private Expression $remainder,
        private Expression $mixed,
    ) {}

    public function type(): AnswerType
    {
        return AnswerType::Division;
    }

    /** The quotient, where nothing is left over: divisor times it is the dividend. */
    public function factor(): ?Expression
    {
        return $this->remainder instanceof Numeral && $this->remainder->value->isZero() ? $this->quotient : null;
    }

    /** Quotient plus remainder over divisor. */
    public function node(): Expression
    {
        return $this->mixed;
    }

    public function claims(Expression|Equation $given): array
    {
        $asked = $given instanceof Equation ? $given->left : $given;

        return [
            new DivisionHolds($this->dividend, $this->divisor, $this->quotient, $this->remainder),
            new Identity($asked, new Quotient($this->dividend, $this->divisor)),
            new Identity($this->mixed, Sum::of([$this->quotient, new Quotient($this->remainder, $this->divisor)])),
        ];
    }

    public function quotient(): Expression
    {
        return $this->quotient;
    }

    public function remainder(): Expression
    {
        return $this->remainder;
    }

    public function details(): array
    {
        return ['quotient' => $this->quotient, 'remainder' => $this->remainder];
    }
}
