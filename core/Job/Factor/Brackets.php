<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Working\Outer;

/** The step that several ways to factor share: writing the brackets down. */
final class Brackets
{
    /** @param array{Polynomial, Polynomial}|null $brackets in their order; left out, in that of the trinomial */
    public static function step(
        Trinomial $trinomial,
        Outer $outer,
        string $why,
        ?Figure $figure = null,
        ?array $brackets = null,
    ): Step {
        [$first, $second] = array_map(
            static fn(Polynomial $factor): Expression => $factor->toExpression(),
            $brackets ?? $trinomial->brackets(),
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
            ),
            watch: $trinomial->b === 0 ? null : Slip::SignsInWrongBrackets,
        );
    }
}
