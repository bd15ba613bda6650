<?php

declare(strict_types=1);

namespace Runel\Problem;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Polynomial\Polynomial;

/** What was typed, seen in the ways the jobs need: this is what recognisers look at. */
final readonly class Reading
{
    /**
     * @param string|null      $subject    the letter named after "for"
     * @param list<string>     $letters    in alphabetical order
     * @param ProductForm|null $product    where there are brackets to multiply
     * @param Polynomial|null  $polynomial the whole, multiplied out; of an equation, left side minus right side
     */
    public function __construct(
        public Expression|Equation $node,
        public ?string $subject,
        public array $letters,
        public ?ProductForm $product,
        public ?Polynomial $polynomial,
    ) {}

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
