<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\NamedValues;

/** A product multiplied out, and what each letter on the right that names a coefficient stands for. */
final readonly class NamedCoefficientsAnswer implements Answer
{
    use PlainAnswer;

    /** @param array<string, Expression> $values by letter */
    public function __construct(private Expression $product, private array $values) {}

    public function type(): AnswerType
    {
        return AnswerType::Expression;
    }

    public function node(): Expression
    {
        return $this->product;
    }

    public function claims(Expression|Equation $given): array
    {
        return $given instanceof Equation
            ? [new Identity($given->left, $this->product), new NamedValues($given, $this->values)]
            : [new Identity($given, $this->product)];
    }

    public function details(): array
    {
        return ['letters' => $this->values];
    }
}
