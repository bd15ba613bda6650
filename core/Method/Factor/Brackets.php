<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

use Runel\Claim\Identity;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Slip\LikelyWrong;
use Runel\Slip\Slip;

/** The step that several ways to factor share: writing the brackets down. */
final class Brackets
{
    public static function step(Trinomial $trinomial, Outer $outer, string $why, ?Figure $figure = null): Step
    {
        [$first, $second] = array_map(
            static fn(Polynomial $factor): Expression => $factor->toExpression(),
            $trinomial->brackets(),
        );
        $asked = $trinomial->primitive()->toExpression();
        $line = $outer->line($first, $second);
        $whole = $line->node instanceof Equation ? $line->node->left : $line->node;
        $claims = [new Identity($asked, Product::of([$first, $second]))];
        if ($whole instanceof Expression && !$trinomial->common->isOne() || $trinomial->common->negative) {
            $claims[] = new Identity($trinomial->common->whole->toExpression(), $whole instanceof Expression
                ? $whole
                : throw new \LogicException('A factoring is an expression.'));
        }

        return new Step(
            id: 'brackets',
            title: Message::of('factor.brackets.title'),
            why: Message::of($why, ['first' => $first, 'second' => $second]),
            lines: [$line],
            figure: $figure,
            question: Question::factoring(
                Message::of('factor.brackets.ask', ['trinomial' => $asked]),
                $claims,
                self::likelyWrong($trinomial),
            ),
            watch: $trinomial->b === 0 ? null : Slip::SignsInWrongBrackets,
        );
    }

    /** @return list<LikelyWrong> signs exchanged, and the factors of the scaled trinomial given as the answer */
    private static function likelyWrong(Trinomial $trinomial): array
    {
        [[$m, $r], [$n, $s]] = $trinomial->factors() ?? throw new \LogicException('A prime trinomial has no brackets.');
        [$p, $q] = $trinomial->pair() ?? [0, 0];
        $candidates = [
            [$trinomial->linear($m, -$r), $trinomial->linear($n, -$s), Slip::SignsInWrongBrackets],
            [$trinomial->linear(1, $p), $trinomial->linear(1, $q), Slip::ScaledFactorsGiven],
            [$trinomial->linear($m, $r)->negated(), $trinomial->linear($n, $s), Slip::SignsInWrongBrackets],
        ];
        $wrong = [];
        $seen = [$trinomial->primitive(), $trinomial->common->whole];
        foreach ($candidates as [$first, $second, $slip]) {
            $product = $first->times($second);
            if (array_filter($seen, static fn(Polynomial $known): bool => $known->equals($product)) === []) {
                $seen[] = $product;
                $wrong[] = new LikelyWrong(self::product($first, $second), $slip);
            }
        }

        // Asked for the inside, the whole may be given: then the common factor must not be lost, nor −1 put in twice.
        if ($trinomial->common->negative) {
            $whole = $trinomial->common->whole->negated();
            if (array_filter($seen, static fn(Polynomial $known): bool => $known->equals($whole)) === []) {
                [$first, $second] = $trinomial->brackets();
                $front = $trinomial->common->factors();
                $wrong[] = new LikelyWrong(Product::of([
                    ...$front,
                    $first->negated()->toExpression(),
                    $second->negated()->toExpression(),
                ]), Slip::MinusOneTwice);
            }
        }

        return $wrong;
    }

    private static function product(Polynomial $first, Polynomial $second): Expression
    {
        return Product::of([$first->toExpression(), $second->toExpression()]);
    }
}
