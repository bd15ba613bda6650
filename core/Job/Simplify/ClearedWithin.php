<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Quotient;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;

/** A fraction with fractions above or below it, both times the common denominator of all of them. */
final readonly class ClearedWithin
{
    private FactoredPolynomial $common;
    public Polynomial $top;
    public Polynomial $bottom;

    private function __construct(private FractionSum $above, private FractionSum $below)
    {
        $this->common = $above->common()->multiple($below->common());
        $this->top = $above->top($this->common);
        $this->bottom = $below->top($this->common);
    }

    /** Null where no fraction with a letter below stands within, or 0 below. */
    public static function of(Quotient $fraction): ?self
    {
        [$above, $below] = [FractionSum::of($fraction->numerator), FractionSum::of($fraction->denominator)];
        if ($above === null || $below === null || (\count($above->terms) < 2 && \count($below->terms) < 2)) {
            return null;
        }
        $cleared = new self($above, $below);

        return $cleared->common->isNumber() || $cleared->bottom->isZero() ? null : $cleared;
    }

    /** @param \Closure(Expression): Line $line how what it becomes is written down, after what is done to it */
    public function step(string $id, \Closure $line): Step
    {
        [$written, $cleared] = [$this->written(), $this->cleared()];

        return new Step(
            id: $id,
            title: Message::of('simplify.combine.within.title', ['denominator' => $this->common->toExpression()]),
            why: Message::of('simplify.combine.within.why'),
            lines: [$line($written), ...($cleared->equals($written) ? [] : [$line($cleared)])],
            watch: Slip::FractionClearedOneTerm,
        );
    }

    public function cleared(): Quotient
    {
        return new Quotient($this->above->cleared($this->common), $this->below->cleared($this->common));
    }

    /** @return list<Expression> all that may not be 0 */
    public function divisors(): array
    {
        return [...$this->above->denominators(), ...$this->below->denominators(), $this->bottom->toExpression()];
    }

    private function written(): Quotient
    {
        return new Quotient($this->above->times($this->common), $this->below->times($this->common));
    }
}
