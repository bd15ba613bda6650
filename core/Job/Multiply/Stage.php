<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;

/** One multiplication of two factors while the others wait. */
final readonly class Stage
{
    /**
     * @param int              $number from 1
     * @param list<Polynomial> $rest   the factors that wait
     */
    public function __construct(public int $number, public Pair $pair, public array $rest, private bool $only) {}

    /** An id for a step, unique over all stages. */
    public function id(string $name): string
    {
        return $this->only ? $name : "{$this->number}-$name";
    }

    /** @param list<Step> $steps */
    public function section(Phase $phase, array $steps, ?Message $outcome = null): Section
    {
        return new Section($phase, $steps, $this->only ? null : $this->number, $outcome);
    }

    public function isLast(): bool
    {
        return $this->rest === [];
    }

    /** The whole expression with this stage's two factors written in some way; single terms wait in front. */
    public function whole(Expression ...$product): Expression
    {
        $front = [];
        $behind = [];
        foreach ($this->rest as $factor) {
            if (\count($factor->terms) === 1) {
                $front[] = $factor->toExpression();
            } else {
                $behind[] = $factor->toExpression();
            }
        }

        return WrittenProduct::write([...$front, ...array_values($product), ...$behind]);
    }

    /** The line that ends the stage: the product in standard form, the waiting factors behind it. */
    public function closing(): Line
    {
        $product = $this->pair->product->toExpression();

        return $this->isLast() ? Line::result($product) : Line::equal($this->whole($product));
    }
}
