<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Line;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Same;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Working\Arithmetic;
use Runel\Working\MultiplyBack;

/** A division checked: multiplied back with the remainder added, by the value at the root, by the coefficient sums. */
final readonly class DivisionChecks
{
    public function __construct(private MultiplyBack $back) {}

    /** @return non-empty-list<Check> */
    public function of(Division $division, Task $task): array
    {
        $checks = [$this->multipliedBack($division, $task)];
        $root = $division->root();
        if ($root !== null) {
            $checks[] = self::valueAtRoot($division, $root);
        }
        // Of one term the sum would be its own number once more.
        if (\count($division->dividend->terms) > 1 && $root?->isOne() !== true) {
            $checks[] = self::coefficientSums($division);
        }

        return $checks;
    }

    private function multipliedBack(Division $division, Task $task): Check
    {
        $factors = [$division->divisor, $division->quotient];
        $product = $division->divisor->times($division->quotient);
        $lines = $this->back->lines($factors, $task);
        $factored = Product::of([$division->divisor->toExpression(), $division->quotient->toExpression()]);
        $written = Line::side($factored, $product->toExpression());
        $last = end($lines);
        if ($last === false || !Same::nodes($last->node, $written->node)) {
            $lines[] = $written;
        }
        if (!$division->isExact()) {
            $lines[] = Line::side(Sum::of([
                ...$product->expressions(),
                ...$division->remainder->expressions(),
            ]), $division->dividend->toExpression());
        }

        return new Check(
            kind: CheckKind::MultiplyBack,
            title: Message::of($division->isExact() ? 'divide.check.back-exact' : 'divide.check.back'),
            why: Message::of($division->isExact() ? 'divide.check.back-why-exact' : 'divide.check.back-why'),
            lines: $lines,
            holds: $product->plus($division->remainder)->equals($division->dividend),
        );
    }

    private static function valueAtRoot(Division $division, Rational $root): Check
    {
        $value = Numeral::of($root);
        $put = Substitution::into($division->dividend->toExpression(), $division->letter, $value);

        return new Check(
            kind: CheckKind::RemainderTheorem,
            title: Message::of('divide.check.value', [
                'place' => new Equation(new Letter($division->letter), $value),
            ]),
            why: Message::of('divide.check.value-why', [
                'remainder' => $division->isExact() ? Numeral::of(0) : $division->remainder->toExpression(),
            ]),
            lines: Arithmetic::lines($put),
            holds: true,
        );
    }

    private static function coefficientSums(Division $division): Check
    {
        $lines = [];
        $values = [];
        $parts = [$division->divisor, $division->quotient, $division->remainder];
        foreach ($parts as $part) {
            $sum = self::coefficientSum($part);
            $values[] = Numeral::of($sum);
            if (\count($part->terms) > 1) {
                array_push($lines, ...Arithmetic::lines(self::coefficients($part)));
            }
        }
        $product = Product::apart([$values[0], $values[1]]);
        array_push($lines, ...Arithmetic::lines($division->isExact() ? $product : Sum::of([$product, $values[2]])));
        array_push($lines, ...Arithmetic::lines(self::coefficients($division->dividend)));

        return new Check(
            kind: CheckKind::CoefficientSum,
            title: Message::of('divide.check.sums', ['letter' => $division->letter]),
            why: Message::of($division->isExact() ? 'divide.check.sums-why-exact' : 'divide.check.sums-why'),
            lines: $lines,
            holds: self::coefficientSum($division->divisor)->times(self::coefficientSum($division->quotient))->plus(
                self::coefficientSum($division->remainder),
            )->equals(self::coefficientSum($division->dividend)),
        );
    }

    private static function coefficientSum(Polynomial $polynomial): Rational
    {
        $sum = Rational::zero();
        foreach ($polynomial->terms as $term) {
            $sum = $sum->plus($term->coefficient);
        }

        return $sum;
    }

    private static function coefficients(Polynomial $polynomial): Expression
    {
        return Sum::of(array_map(
            static fn(Term $term): Expression => Numeral::of($term->coefficient),
            $polynomial->terms,
        ));
    }
}
