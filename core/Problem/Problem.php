<?php

declare(strict_types=1);

namespace Runel\Problem;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\SyntaxError;
use Runel\Message\TooLarge;
use Runel\Number\DivisionByZero;
use Runel\Parsing\Parser;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;

/** A problem: what was typed, what it says, and which jobs it has. */
final readonly class Problem
{
    /**
     * @param string           $source     as typed
     * @param string|null      $subject    the letter named after "for"
     * @param list<Job>        $jobs       the first is the most likely one
     * @param ProductForm|null $product    where there are brackets to multiply
     * @param Polynomial|null  $polynomial the whole, multiplied out; of an equation, left side minus right side
     * @param list<string>     $letters    in alphabetical order
     */
    private function __construct(
        public string $source,
        public Expression|Equation $node,
        public ?string $subject,
        public array $jobs,
        public ?ProductForm $product,
        public ?Polynomial $polynomial,
        public array $letters,
    ) {}

    /**
     * @throws SyntaxError when it cannot be read
     * @throws TooLarge    when it is beyond a limit
     * @throws OutOfReach  when it can be read but there is nothing to do with it
     */
    public static function read(string $source): self
    {
        $typed = Parser::parse($source);
        $node = $typed->node;
        $letters = [];
        self::collectLetters($node, $letters);
        ksort($letters);
        $letters = array_map('strval', array_keys($letters));
        $polynomial = self::polynomial($node);
        $product = $polynomial === null ? null : self::product($node);
        $jobs = self::jobs($node, $typed->subject, $product, $polynomial, $letters);
        if ($jobs === []) {
            throw new OutOfReach(Message::of(match (true) {
                $letters === [] => 'error.no-letter',
                $polynomial === null => 'error.not-polynomial',
                $node instanceof Expression && $polynomial->degree() < 2 => 'error.nothing-to-do',
                $node instanceof Sum => 'error.bracket-in-bracket',
                default => 'error.no-job',
            }));
        }

        return new self($source, $node, $typed->subject, $jobs, $product, $polynomial, $letters);
    }

    /** The one letter it is about, or null when there are several. */
    public function letter(): ?string
    {
        return \count($this->letters) === 1 ? $this->letters[0] : null;
    }

    /** @param array<string, true> $letters */
    private static function collectLetters(Node $node, array &$letters): void
    {
        if ($node instanceof Letter) {
            $letters[$node->name] = true;
        }
        foreach ($node->children() as $child) {
            self::collectLetters($child, $letters);
        }
    }

    /**
     * @throws OutOfReach when the brackets of a product hold more than plain terms; in an equation that is no hindrance
     */
    private static function product(Expression|Equation $node): ?ProductForm
    {
        try {
            return ProductForm::of($node instanceof Equation ? $node->left : $node);
        } catch (OutOfReach $refusal) {
            return $node instanceof Equation ? null : throw $refusal;
        }
    }

    private static function polynomial(Expression|Equation $node): ?Polynomial
    {
        try {
            return $node instanceof Equation
                ? Polynomial::fromExpression($node->left)->minus(Polynomial::fromExpression($node->right))
                : Polynomial::fromExpression($node);
        } catch (NotPolynomial) {
            return null;
        } catch (DivisionByZero) {
            throw new OutOfReach(Message::of('error.zero-denominator'));
        }
    }

    /**
     * @param list<string> $letters
     *
     * @return list<Job>
     */
    private static function jobs(
        Expression|Equation $node,
        ?string $subject,
        ?ProductForm $product,
        ?Polynomial $polynomial,
        array $letters,
    ): array {
        if ($letters === []) {
            return [];
        }
        if ($node instanceof Equation) {
            if ($subject !== null) {
                return [Job::Rearrange];
            }
            if (self::namesCoefficients($node, $product)) {
                return [Job::Multiply];
            }
            if (\count($letters) > 1) {
                return $node->left instanceof Letter && $polynomial?->degree() === 2 && \count($letters) === 2 ? [
                    Job::CompleteSquare,
                    Job::Rearrange,
                ] : [Job::Rearrange];
            }

            return $polynomial?->degree() === 2 ? [Job::Solve, Job::Factor, Job::CompleteSquare] : [Job::Solve];
        }
        $jobs = [];
        if ($product !== null) {
            $jobs[] = Job::Multiply;
        }
        if ($node instanceof Quotient && $polynomial === null) {
            $jobs[] = Job::Divide;
        }
        if ($polynomial?->degree() === 2 && ($product === null || self::isScaledTrinomial($product))) {
            array_unshift($jobs, Job::Factor);
            if (\count($letters) === 1) {
                $jobs[] = Job::CompleteSquare;
            }
        }

        return $jobs;
    }

    /** Whether it is one bracket with nothing but a number in front, as 3(x² + 5x + 6). */
    private static function isScaledTrinomial(ProductForm $product): bool
    {
        return \count(
            array_filter($product->factors, static fn(Factor $factor): bool => $factor->polynomial->degree() > 0),
        ) === 1;
    }

    /** Whether it asks to show that a product equals ax³ + bx² + …, with letters for the coefficients. */
    private static function namesCoefficients(Equation $node, ?ProductForm $product): bool
    {
        return $product !== null && NamedCoefficients::of($node->right, $product) !== null;
    }
}
