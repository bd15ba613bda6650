<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Substitution;
use Runel\Law\Claim\Identity;

/** A quadratic in vertex form, its vertex, and whether that is the least or the greatest value. */
final readonly class VertexAnswer implements Answer
{
    use PlainAnswer;

    /**
     * @param Letter|null $name  what it is equal to, as y, where the problem says so
     * @param bool|null   $least null where letters stand for numbers and it can be either
     */
    public function __construct(
        private Expression $form,
        private ?Letter $name,
        private Letter $letter,
        private Expression $place,
        private Expression $value,
        private ?bool $least,
    ) {}

    public function type(): AnswerType
    {
        return AnswerType::Expression;
    }

    public function node(): Expression|Equation
    {
        return $this->name === null ? $this->form : new Equation($this->name, $this->form);
    }

    public function claims(Expression|Equation $given): array
    {
        return [
            new Identity($given instanceof Equation ? $given->right : $given, $this->form),
            new Identity(Substitution::into($this->form, $this->letter->name, $this->place), $this->value),
        ];
    }

    public function details(): array
    {
        return [
            'vertex' => [$this->place, $this->value],
            'axis' => new Equation($this->letter, $this->place),
            ...($this->least === null ? [] : ['extreme' => $this->least ? 'least' : 'greatest']),
        ];
    }
}
