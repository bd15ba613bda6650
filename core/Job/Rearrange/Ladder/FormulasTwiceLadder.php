<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange\Ladder;

use Runel\Expression\Equation;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Job\Rearrange\RearrangeFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;

/** Formulas in which the wanted letter stands twice: collected, taken out, divided. */
final class FormulasTwiceLadder extends Ladder
{
    private const NUMBERS = ['a', 'b', 'c', 'd', 'h', 'k', 'm', 'n', 'p', 'q', 'r'];
    private const WANTED = ['t', 'u', 'v', 'w', 'x', 'y', 'z'];

    public function skill(): string
    {
        return 'formulas-twice';
    }

    public function job(): string
    {
        return RearrangeFamily::JOB;
    }

    public function method(): string
    {
        return 'balance';
    }

    protected function adding(): array
    {
        return [Difficulty::BothSides, Difficulty::Minus, Difficulty::Brackets, Difficulty::Quotient];
    }

    protected function dropping(Difficulty $added): array
    {
        return $added === Difficulty::Quotient ? [Difficulty::Brackets, Difficulty::BothSides] : [];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        $left = self::NUMBERS;
        $next = static function () use (&$left, $throws): string {
            $one = $throws->one(array_values($left) ?: self::NUMBERS);
            $left = array_diff($left, [$one]);

            return $one;
        };
        $wanted = $throws->one(self::WANTED);
        [$a, $b, $c, $d] = [$next(), $next(), $next(), $next()];
        $sign = $rung->has(Difficulty::Minus) ? '-' : '+';
        $formula = match (true) {
            $rung->has(Difficulty::Quotient) => "$a = ($wanted $sign $b)/($wanted + $c)",
            $rung->has(Difficulty::Brackets) => "$a($wanted $sign $b) = $c($wanted + $d)",
            $rung->has(Difficulty::BothSides) => "$a$wanted $sign $b = $c$wanted + $d",
            default => "$a$wanted $sign $b$wanted = $c",
        };

        return "$formula for $wanted";
    }

    public function traits(Seen $seen): array
    {
        $subject = $seen->demonstration->task->problem->subject ?? '';
        $node = $seen->node;

        return self::found([
            Difficulty::BothSides->value => $node instanceof Equation
                && Letters::holds($node->left, $subject) && Letters::holds($node->right, $subject),
            Difficulty::Minus->value => Inside::holds($node, Negative::class),
            Difficulty::Brackets->value => Inside::some($node, static fn(Node $part): bool => $part instanceof Product
                && array_filter($part->factors, static fn(Node $one): bool => $one instanceof Sum) !== []),
            Difficulty::Quotient->value => Inside::holds($node, Quotient::class),
        ]);
    }
}
