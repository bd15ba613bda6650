<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Working\Arithmetic;

/** Solutions checked by putting them into the original. */
final class Substituted
{
    /**
     * @param non-empty-list<Rational> $solutions
     *
     * @return list<Check> each solution put into the original, both sides worked out separately
     */
    public static function checks(Equation $equation, string $letter, array $solutions): array
    {
        $checks = [];
        foreach ($solutions as $solution) {
            $lines = [];
            $values = [];
            foreach ([$equation->left, $equation->right] as $side) {
                $value = Evaluation::rational($side, [$letter => $solution]);
                $values[] = $value;
                $put = Substitution::into($side, $letter, Numeral::of($solution));
                if ($put !== $side) {
                    array_push($lines, ...Arithmetic::lines($put));
                }
            }
            $checks[] = new Check(
                kind: CheckKind::Substitution,
                title: Message::of('check.solution.title', ['letter' => $letter, 'value' => Numeral::of($solution)]),
                why: Message::of('check.solution.why'),
                lines: $lines,
                holds: $values[0]->equals($values[1]),
            );
        }

        return $checks;
    }
}
