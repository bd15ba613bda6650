<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange\Ladder;

use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Job\Rearrange\RearrangeFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;

/** Formulas rearranged for one of their letters. */
final class FormulasLadder extends Ladder
{
    /** Letters that stand for what formulas are about; none of them is mistaken for a number. */
    private const NAMES = ['A', 'B', 'C', 'F', 'K', 'M', 'P', 'R', 'S', 'T', 'V', 'W'];
    private const PARTS = ['a', 'b', 'c', 'd', 'g', 'h', 'k', 'm', 'n', 'p', 'q', 'r', 't', 'u', 'v', 'w'];

    public function skill(): string
    {
        return 'formulas';
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
        return [
            Difficulty::Product,
            Difficulty::Quotient,
            Difficulty::Brackets,
            Difficulty::Square,
            Difficulty::Twice,
        ];
    }

    protected function dropping(Difficulty $added): array
    {
        return $added === Difficulty::Twice ? [Difficulty::Square] : [];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        $name = $throws->one(self::NAMES);
        $letter = static fn(string ...$but): string => $throws->one(
            array_values(array_diff(self::PARTS, $but)) ?: ['x'],
        );
        $subject = $letter(strtolower($name));
        $added = $letter(strtolower($name), $subject);
        $front = $letter(strtolower($name), $subject, $added);
        $over = $letter(strtolower($name), $subject, $added, $front);
        $front = $throws->between(0, 2) === 0 ? (string) $throws->size(2, 9) : $front;
        $right = match (true) {
            $rung->has(Difficulty::Twice) => "$front($subject + $added)/($subject + $over)",
            $rung->has(Difficulty::Square) => "$front($subject + $added)^2/$over",
            $rung->has(Difficulty::Brackets) => "$front($subject + $added)/$over",
            $rung->has(Difficulty::Quotient) => "$front$subject/$over + $added",
            $rung->has(Difficulty::Product) => $throws->one([
                "$front$subject + $added",
                "$added + $front$subject",
            ]),
            default => $throws->one(["$subject + $added", "$added + $subject"]),
        };

        return "$name = $right for $subject";
    }

    public function traits(Seen $seen): array
    {
        $subject = $seen->demonstration->task->problem->subject ?? '';
        $held = static fn(Node $node): bool => Letters::holds($node, $subject);

        return self::found([
            Difficulty::Product->value => Inside::some(
                $seen->node,
                static fn(Node $node): bool => $node instanceof Product && $held($node),
            ),
            Difficulty::Quotient->value => Inside::holds($seen->node, Quotient::class),
            Difficulty::Brackets->value => Inside::some($seen->node, static fn(Node $node): bool =>
                ($node instanceof Product || $node instanceof Power) && array_filter(
                    $node->children(),
                    static fn(Node $part): bool => ($part instanceof Sum && $held($part))
                        || ($part instanceof Power && $part->base instanceof Sum && $held($part)),
                ) !== []),
            Difficulty::Square->value => Inside::some(
                $seen->node,
                static fn(Node $node): bool => $node instanceof Power && $node->exponent instanceof Numeral
                    && $held($node->base),
            ),
            Difficulty::Twice->value => Inside::count(
                $seen->node,
                static fn(Node $node): bool => $node instanceof Letter && $node->name === $subject,
            ) > 1,
            Difficulty::Minus->value => Inside::holds($seen->node, Negative::class),
        ]);
    }
}
