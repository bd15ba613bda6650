<?php

declare(strict_types=1);

namespace Runel\Problem;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;

/** What was typed, seen in the ways the jobs need: this is what recognisers look at. */
final readonly class Reading
{
    /**
     * @param string|null      $subject    the letter named after "for"
     * @param list<string>     $letters    in alphabetical order
     * @param ProductForm|null $product    where there are brackets to multiply
     * @param Polynomial|null  $polynomial the whole, multiplied out; of an equation, left side minus right side
     * @param bool             $isFunction whether it was given a name, as f(x) =
     */
    public function __construct(
        public Expression|Equation $node,
        public ?string $subject,
        public array $letters,
        public ?ProductForm $product,
        public ?Polynomial $polynomial,
        public bool $isFunction = false,
    ) {}

    /** One thing over another, a minus before it taken into what stands above; null where it is none. */
    public static function quotient(Expression|Equation $node): ?Quotient
    {
        return match (true) {
            $node instanceof Quotient => $node,
            $node instanceof Negative && $node->operand instanceof Quotient => new Quotient(
                new Negative($node->operand->numerator),
                $node->operand->denominator,
            ),
            default => null,
        };
    }

    /** Whether products with sums in them are added. */
    public static function isSumOfProducts(Expression|Equation $node): bool
    {
        $holdsSum = static fn(Node $part): bool => $part instanceof Sum;
        foreach ($node instanceof Sum ? $node->terms : [] as $term) {
            $bare = $term->bare();
            if (self::any($bare, $holdsSum)) {
                return true;
            }
        }

        return false;
    }

    /** @param \Closure(Node): bool $test */
    private static function any(Node $node, \Closure $test): bool
    {
        return $test($node)
            || array_filter($node->children(), static fn(Node $child): bool => self::any($child, $test)) !== [];
    }

    /** Whether it asks to show that a product equals ax³ + bx² + …, with letters for the coefficients. */
    public function namesCoefficients(): bool
    {
        return $this->subject === null
            && $this->node instanceof Equation
            && $this->product !== null
            && NamedCoefficients::of($this->node->right, $this->product) !== null;
    }

    /** Whether it is about a form: one whose coefficients are named, or whose subject is to be changed. */
    public function isAboutForm(): bool
    {
        return $this->subject !== null || $this->namesCoefficients();
    }
}
