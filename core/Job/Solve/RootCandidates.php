<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Line;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Floats;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/** Values put into the equation with roots as it was typed, both sides worked out: squaring may have let some in. */
final readonly class RootCandidates
{
    public function __construct(private RootEquation $equation) {}

    /** Whether both sides agree: exactly, or, where a root does not come out, nearly; the audit proves it exactly. */
    public function holds(Expression $candidate): bool
    {
        if ($this->underNegative($candidate) !== null) {
            return false;
        }
        try {
            $there = Evaluation::at(new Surds(), [
                $this->equation->letter => Evaluation::at(new Surds(), [])->of($candidate),
            ]);

            return $there->of($this->equation->equation->left)->equals($there->of($this->equation->equation->right));
        } catch (DivisionByZero) {
            return false;
        } catch (NoExactValue) {
            return $this->nearlyAgree($candidate);
        }
    }

    /** Only what is real stands on a line of numbers. */
    public static function isReal(Expression $candidate): bool
    {
        try {
            return Evaluation::at(new Surds(), [])->of($candidate)->isReal();
        } catch (NoExactValue | DivisionByZero) {
            return true;
        }
    }

    private function nearlyAgree(Expression $candidate): bool
    {
        $sides = $this->sides($candidate);

        return $sides !== null
            && abs($sides[0] - $sides[1]) <= 1e-7 * max(1.0, abs($sides[0]), abs($sides[1]));
    }

    /** @return array{Expression, Expression}|null what both sides come to, about; null where nobody can say */
    public function about(Expression $candidate): ?array
    {
        $sides = $this->sides($candidate);
        if ($sides === null || max(abs($sides[0]), abs($sides[1])) > 1e9) {
            return null;
        }
        $about = static fn(float $side): Expression => Numeral::of(
            Rational::ofDecimal(\sprintf('%.3F', $side))->asDecimal(),
        );

        return [$about($sides[0]), $about($sides[1])];
    }

    /** @return array{float, float}|null */
    private function sides(Expression $candidate): ?array
    {
        try {
            $value = Evaluation::at(new Floats(), [])->of($candidate);
            $there = Evaluation::at(new Floats(), [$this->equation->letter => $value]);

            return [$there->of($this->equation->equation->left), $there->of($this->equation->equation->right)];
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }
    }

    /** @return list<Line> both sides of the original worked out apart */
    public function put(Expression $candidate): array
    {
        $under = $this->negativeUnder($candidate);
        if ($under !== []) {
            return $under;
        }

        return PutIn::lines($this->equation->equation, $this->equation->letter, $candidate);
    }

    /** @return array{Expression, Expression}|null what both sides come to; null where that is no single value */
    public function values(Expression $candidate): ?array
    {
        $values = [];
        foreach ([$this->equation->equation->left, $this->equation->equation->right] as $side) {
            $put = Substitution::into($side, $this->equation->letter, $candidate);
            $lines = $put->bare() instanceof Numeral ? [] : PutIn::workedOut($put);
            $last = $lines === [] ? $put : $lines[\count($lines) - 1]->node;
            $value = $last instanceof Equation ? $last->right : $last;
            $isWorked = $lines !== [] || $put->bare() instanceof Numeral || $put->equals($candidate);
            if (!$value instanceof Expression || !$isWorked) {
                return null;
            }
            $values[] = $value;
        }

        return [$values[0], $values[1]];
    }

    /** @return list<Line> that a negative number stands under a root, where it does */
    public function negativeUnder(Expression $candidate): array
    {
        $put = $this->underNegative($candidate);

        return $put === null ? [] : PutIn::workedOut($put);
    }

    /** What stands under a root with the candidate put in, where that is negative or not real. */
    private function underNegative(Expression $candidate): ?Expression
    {
        foreach ($this->equation->whole()->roots as $root) {
            $put = Substitution::into($root->radicand->toExpression(), $this->equation->letter, $candidate);
            try {
                $value = Evaluation::at(new Surds(), [])->of($put);
                if (!$value->isReal() || $value->sign() < 0) {
                    return $put;
                }
            } catch (NoExactValue | DivisionByZero) {
                continue;
            }
        }

        return null;
    }

    /** Where a root of a root is left, what stands under the first root is worked out. */
    public function squares(Expression $candidate): Line
    {
        $root = $this->equation->whole()->roots[0];
        $put = Substitution::into($root->radicand->toExpression(), $this->equation->letter, $candidate);
        $lines = PutIn::workedOut($put);

        return $lines[\count($lines) - 1] ?? Line::side($put, $put);
    }
}
