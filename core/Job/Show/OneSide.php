<?php

declare(strict_types=1);

namespace Runel\Job\Show;

use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Working\Expansion;

/** One of two sides, worked by itself into standard form: products multiplied out one by one, then collected. */
final readonly class OneSide
{
    private Polynomial $polynomial;

    /** @param string $name left or right */
    public function __construct(private string $name, public Expression $written)
    {
        $this->polynomial = Polynomial::fromExpression($written);
    }

    /** What it comes to. */
    public function reached(): Expression
    {
        return $this->polynomial->toExpression();
    }

    /** How much there is to do: brackets and powers of them, then terms. */
    public function work(): int
    {
        return 10 * \count($this->products()) + \count($this->written->terms())
            + ($this->stands() ? 0 : 1);
    }

    /** Whether it stands in standard form as it is. */
    public function stands(): bool
    {
        return $this->written->equals($this->reached());
    }

    /** @return list<Step> none where it stands already */
    public function steps(): array
    {
        if ($this->stands()) {
            return [];
        }
        $steps = [];
        $products = $this->products();
        $terms = $this->written->terms();
        $isWhole = \count($terms) === 1 && !$terms[0] instanceof Negative;
        foreach ($products as $number => $term) {
            $steps[] = $this->multipliedOut("$this->name-product-" . ($number + 1), $term->bare());
        }
        if ($isWhole) {
            return $steps !== [] ? $steps : [$this->collected($this->written)];
        }
        $opened = $this->opened();
        $isOpened = !$opened->equals($this->reached()) && !$opened->equals($this->written);
        if ($isOpened) {
            $turns = array_filter($terms, static fn(Expression $term): bool => $term instanceof Negative
                && Inside::holds($term, Sum::class)) !== [];
            $steps[] = new Step(
                id: "$this->name-opened",
                title: Message::of("show.opened.title-$this->name" . ($products === [] ? '-brackets' : '')),
                why: Message::of('show.opened.why' . ($products === [] ? '-brackets' : '') . ($turns ? '-minus' : '')),
                lines: [Line::side($this->written, $opened)],
                watch: $turns ? Slip::MinusNotCarried : null,
            );
        }
        $steps[] = $this->collected($isOpened ? $opened : $this->written);

        return $steps;
    }

    private function multipliedOut(string $id, Expression $product): Step
    {
        $value = Polynomial::fromExpression($product)->toExpression();
        $lines = $product instanceof Quotient ? self::divided($product, $value) : Expansion::lines($product);
        $kind = match (true) {
            $product instanceof Quotient => 'over',
            $product instanceof Product && \count(array_filter(
                $product->factors,
                static fn(Expression $factor): bool => Inside::holds($factor, Sum::class),
            )) === 1 && !Inside::holds($product, Power::class) => 'front',
            default => 'terms',
        };
        $isOver = $kind === 'over';

        return new Step(
            id: $id,
            title: Message::of($isOver ? 'show.product.title-over' : 'show.product.title', ['product' => $product]),
            why: Message::of("show.product.why-$kind"),
            lines: $lines !== [] ? $lines : [Line::side($product, $value)],
            question: Question::form(
                Message::of($isOver ? 'show.product.ask-over' : 'show.product.ask', ['product' => $product]),
                new Identity($product, $value),
                $value,
            ),
        );
    }

    /** @return list<Line> what is above the line multiplied out and collected first, then what is below goes into it */
    private static function divided(Quotient $quotient, Expression $value): array
    {
        $above = new self('left', $quotient->numerator);
        $lines = [];
        foreach ($above->products() as $product) {
            array_push($lines, ...Expansion::lines($product->bare()));
        }
        $before = $quotient;
        foreach ([$above->opened(), $above->reached()] as $next) {
            $next = new Quotient($next, $quotient->denominator);
            if (!$next->equals($before)) {
                $lines[] = Line::side($before, $next);
                $before = new Quotient(Rewriter::unmarked($next->numerator), $quotient->denominator);
            }
        }
        if (!$value->equals($before)) {
            $lines[] = Line::side($before, $value);
        }

        return $lines;
    }

    private function collected(Expression $before): Step
    {
        return new Step(
            id: "$this->name-collected",
            title: Message::of("show.collected.title-$this->name"),
            why: Message::of('show.collected.why'),
            lines: [Line::side(Rewriter::unmarked($before), $this->reached())],
            question: Question::form(
                Message::of("show.collected.ask-$this->name"),
                new Identity($this->written, $this->reached()),
                $this->reached(),
            ),
        );
    }

    /** @return list<Expression> its terms that hold brackets to multiply out */
    private function products(): array
    {
        return array_values(array_filter(
            $this->written->terms(),
            static fn(Expression $term): bool => !$term->bare() instanceof Sum
                && Inside::holds($term->bare(), Sum::class),
        ));
    }

    /** With every product multiplied out, what is new lit; like terms not collected. */
    private function opened(): Expression
    {
        $terms = [];
        foreach ($this->written->terms() as $term) {
            if (!Inside::holds($term->bare(), Sum::class)) {
                $terms[] = $term;
                continue;
            }
            foreach (Polynomial::fromExpression($term)->expressions() as $own) {
                $terms[] = new Marked($own, Mark::written());
            }
        }

        return Sum::of($terms);
    }
}
