<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\SurdWritten;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Root;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Field\Floats;
use Runel\Number\Field\Surds;
use Runel\Number\Rational;
use Runel\Working\RaisedSides;

/** Of a quadratic in a root: one of the ways, on which the root equals a number. */
final readonly class WayUnderRoot
{
    /** @param string $letter what is looked for; it stands alone under the root */
    public function __construct(private Root $root, private string $letter) {}

    /**
     * The root alone, then raised: what stands opposite is not negative, or nothing has that root.
     *
     * @param int $number which way it is, from 1
     *
     * @return array{Step, Equation, Expression|null}|null the step, the last equation of this way, and the solution,
     *                                                     null where there is none; null where it is out of reach
     */
    public function worked(Equation $equation, int $number, ?Branch $branch): ?array
    {
        [$lines, $value] = $this->alone($equation, $branch);
        $index = $this->root->index;
        if ($index > 2 && $value->number() === null) {
            return null;
        }
        $last = $equation;
        $solution = null;
        $isNegative = $index % 2 === 0 && Evaluation::at(new Floats(), [])->of($value) < 0;
        if ($isNegative) {
            $lines[\count($lines) - 1] = $lines[\count($lines) - 1]->reject(Message::of('substitution.dead'));
            $last = new Equation($this->root, $value);
        } else {
            $power = new Power($value, Numeral::of($index));
            $solution = $value->number() === null
                ? SurdWritten::of(Evaluation::at(new Surds(), [])->of($power))
                : Numeral::of($value->number()->power($index));
            $lines[] = RaisedSides::line($this->root, $value, $index, $branch);
            $lines[] = Line::equivalent(new Equation(new Letter($this->letter), $solution), new Rewrite(), $branch);
        }

        return [new Step(
            id: "way-$number-root",
            title: Message::of('solve.linear.title', ['factor' => $equation]),
            why: $this->why($lines[0], $value, $isNegative),
            lines: $lines,
        ), $last, $solution];
    }

    /** What is done to the root: a number beside it goes first. */
    private function why(Line $first, Expression $value, bool $isNegative): Message
    {
        $move = $first->move instanceof ToBothSides ? $first->move : null;
        $index = $this->root->index;
        if ($index > 2) {
            return $isNegative ? Message::of('powers.raised.none', ['value' => $value]) : Message::of(
                match ($move?->operation) {
                    Operation::Add => 'substitution.root.why-power-add',
                    Operation::Subtract => 'substitution.root.why-power-subtract',
                    default => 'substitution.root.why-power',
                },
                ['index' => $index] + ($move === null ? [] : ['number' => $move->operand]),
            );
        }
        $words = ($isNegative ? ['value' => $value] : []) + ($move === null ? [] : ['number' => $move->operand]);

        return match ($move?->operation) {
            Operation::Add => Message::of(
                $isNegative ? 'substitution.root.why-none-add' : 'substitution.root.why-add',
                $words,
            ),
            Operation::Subtract => Message::of(
                $isNegative ? 'substitution.root.why-none-subtract' : 'substitution.root.why-subtract',
                $words,
            ),
            default => Message::of($isNegative ? 'substitution.root.why-none' : 'substitution.root.why', $words),
        };
    }

    /** @return array{non-empty-list<Line>, Expression} how the root gets alone, and what it equals */
    private function alone(Equation $equation, ?Branch $branch): array
    {
        $root = $this->root;
        $terms = $equation->left->terms();
        $number = $equation->right->isZero() ? $terms[\count($terms) - 1]->number() : null;
        if ($number === null) {
            return [[Line::equivalent($equation, new Rewrite(), $branch)], $equation->right];
        }
        $size = Numeral::of($number->absolute());
        $lines = [Line::equivalent(
            new Equation($terms[0], Numeral::of($number->negated())),
            new ToBothSides($number->isNegative() ? Operation::Add : Operation::Subtract, $size),
            $branch,
        )];
        $front = $terms[0]->equals($root) ? Rational::one() : ($terms[0]->factors()[0]->number() ?? Rational::one());
        $value = Numeral::of($number->negated()->dividedBy($front));
        if (!$front->isOne()) {
            $lines[] = Line::equivalent(
                new Equation($root, $value),
                new ToBothSides(Operation::Divide, Numeral::of($front)),
                $branch,
            );
        }

        return [$lines, $value];
    }
}
