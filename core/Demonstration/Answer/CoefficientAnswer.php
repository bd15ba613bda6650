<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Quotient;
use Runel\Expression\Substitution;
use Runel\Law\Claim\DivisionHolds;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\SameSolutions;

/** The value of an unknown coefficient for which a division leaves the remainder that is asked for. */
final readonly class CoefficientAnswer implements Answer
{
    use PlainAnswer;

    /**
     * @param string     $unknown  the letter of the coefficient
     * @param Expression $dividend with the unknown in it
     * @param Expression $divisor  x − r or a multiple of it
     * @param string     $letter   the letter divided in
     * @param Expression $root     the value of that letter for which the divisor is 0
     * @param Equation   $wanted   the remainder, with the unknown in it, set equal to what it has to be
     * @param Expression $quotient what comes out with the value put in
     */
    public function __construct(
        private string $unknown,
        private Expression $value,
        private Expression $dividend,
        private Expression $divisor,
        private string $letter,
        private Expression $root,
        private Equation $wanted,
        private Expression $quotient,
    ) {}

    public function type(): AnswerType
    {
        return AnswerType::Solutions;
    }

    public function node(): Equation
    {
        return new Equation(new Letter($this->unknown), $this->value);
    }

    /** With the value put in the division leaves what it should, and no other value does. */
    public function claims(Expression|Equation $given): array
    {
        $asked = $given instanceof Equation ? $given->left : $given;

        return [
            new Identity($asked, new Quotient($this->dividend, $this->divisor)),
            new DivisionHolds(
                Substitution::into($this->dividend, $this->unknown, $this->value),
                $this->divisor,
                $this->quotient,
                $this->wanted->right,
            ),
            new Identity(Substitution::into($this->dividend, $this->letter, $this->root), $this->wanted->left),
            new SameSolutions($this->wanted, $this->node()),
        ];
    }

    public function solutions(): array
    {
        return [$this->value];
    }

    public function quotient(): Expression
    {
        return $this->quotient;
    }

    public function remainder(): Expression
    {
        return $this->wanted->right;
    }

    public function details(): array
    {
        return [
            'solutions' => [$this->value],
            'quotient' => $this->quotient,
            'remainder' => $this->wanted->right,
        ];
    }
}
