<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Law\Move\Operation;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Rational;

/** How a number in front is taken away from both sides: divided by, but 1/4 is undone by multiplying by 4. */
final readonly class NumberInFront
{
    private function __construct(public Expression $by, public bool $multiplies) {}

    /** @param Rational $front not 0 */
    public static function of(Rational $front): self
    {
        $multiplies = !$front->isInteger() && !$front->isDecimal() && $front->absolute()->numerator()->isOne();

        return new self(Numeral::of($multiplies ? $front->reciprocal() : $front), $multiplies);
    }

    public function title(): Message
    {
        return Message::of(
            $this->multiplies ? 'quadratic.leading.title-multiply' : 'quadratic.leading.title-divide',
            ['a' => $this->by],
        );
    }

    public function move(): ToBothSides
    {
        return new ToBothSides($this->multiplies ? Operation::Multiply : Operation::Divide, $this->by);
    }

    /** A term as it stands once that is written, before it is worked out. */
    public function done(Expression $term): Expression
    {
        return $this->multiplies ? Product::apart([$this->by, $term]) : new Quotient($term, $this->by);
    }
}
