<?php

declare(strict_types=1);

namespace Runel\Problem;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Limits;
use Runel\Expression\Negative;
use Runel\Expression\Pi;
use Runel\Expression\Quotient;
use Runel\Expression\RootIndex;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Message\SyntaxError;
use Runel\Message\TooLarge;
use Runel\Notation\Ascii;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Sentence\Asked;
use Runel\Sentence\Read;
use Runel\Sentence\Sentence;

/** A problem: what was typed and what it says. Which jobs it has is for the families to say. */
final readonly class Problem
{
    /**
     * @param string           $source     as typed
     * @param string|null      $subject    the letter named after "for"
     * @param ProductForm|null $product    where there are brackets to multiply
     * @param Polynomial|null  $polynomial the whole, multiplied out; of an equation, left side minus right side
     * @param list<string>     $letters    in alphabetical order
     * @param string|null      $function   the name it was given, as f(x)
     * @param Expression|null  $remainder  what a division is said to leave
     * @param Asked            $asked      what the words around it ask for
     * @param int|null         $awkwardAt  the place, from 1, of what may be the hindrance where nothing can be done
     */
    private function __construct(
        public string $source,
        public Expression|Equation $node,
        public ?string $subject,
        public ?ProductForm $product,
        public ?Polynomial $polynomial,
        public array $letters,
        public ?string $function,
        public ?Expression $remainder,
        public Asked $asked,
        public ?int $awkwardAt = null,
    ) {}

    /**
     * @throws SyntaxError when it cannot be read
     * @throws TooLarge    when it is beyond a limit
     * @throws OutOfReach  when it can be read but means nothing: 0 below a line, a bracket that holds more than terms
     */
    public static function read(string $source): self
    {
        return self::meant($source, Sentence::read($source));
    }

    /**
     * What was typed once and read as something then.
     *
     * @param string $read in ASCII
     *
     * @throws Refusal when that cannot be read
     */
    public static function keptAs(string $source, string $read): self
    {
        return self::meant($source, new Read(Sentence::read($read)->node, null, Asked::nothing()));
    }

    /**
     * What work has come to, as a problem of its own.
     *
     * @throws TooLarge   when it is beyond a limit
     * @throws OutOfReach when it means nothing
     */
    public static function of(Expression|Equation $node, ?string $subject = null): self
    {
        return self::meant(
            Ascii::typed($node) . ($subject === null ? '' : ' for ' . Ascii::write(new Letter($subject))),
            new Read($node, $subject, Asked::nothing()),
        );
    }

    private static function meant(string $source, Read $typed): self
    {
        $node = $typed->node;
        $letters = Letters::of($node);
        ksort($letters);
        $letters = array_map('strval', array_keys($letters));
        if (\count($letters) > Limits::LETTERS) {
            throw new TooLarge(Message::of('error.letters', ['limit' => Limits::LETTERS]));
        }
        $polynomial = self::polynomial($node);
        $isShown = $typed->asked->job === Asked::SHOW && $polynomial?->isZero() === true;
        $node = $isShown ? $node : self::productFirst($node, $polynomial);
        $product = $polynomial === null ? null : self::product($node);
        if ($typed->remainder !== null && self::asQuotient($node) === null) {
            throw new OutOfReach(Message::of('error.remainder-of-what'), 1);
        }

        return new self(
            $source,
            $node,
            $typed->subject ?? self::besidePi($node, $polynomial, $typed->asked),
            $product,
            $polynomial,
            $letters,
            $typed->function,
            $typed->remainder,
            $typed->asked,
            $typed->awkwardAt,
        );
    }

    /**
     * An equation read with its product on the left, where it says that the product equals something: then the product
     * is what is worked on.
     */
    private static function productFirst(Expression|Equation $node, ?Polynomial $polynomial): Expression|Equation
    {
        if (!$node instanceof Equation || $polynomial === null || self::product($node) !== null) {
            return $node;
        }
        $turned = new Equation($node->right, $node->left);
        $product = self::product($turned);

        return $product !== null && ($polynomial->isZero() || NamedCoefficients::of($node->left, $product) !== null)
            ? $turned
            : $node;
    }

    /** What it says, in ASCII, without the words. */
    public function reading(): string
    {
        return Ascii::typed($this->node);
    }

    /** The job its words ask for; of what has no two sides to compare, “show that” asks for none of its own. */
    public function askedJob(): ?string
    {
        $isOwn = $this->asked->job !== Asked::SHOW
            || ($this->node instanceof Equation && !$this->namesCoefficients());

        $isBesidePi = $this->asked->job === 'solve' && $this->subject !== null;

        return $isOwn ? ($isBesidePi ? 'rearrange' : $this->asked->job) : null;
    }

    /** Whether products with sums in them are added, as in 2(x + 1) + 3(x − 4). */
    public function isSumOfProducts(): bool
    {
        foreach ($this->node instanceof Sum ? $this->node->terms : [] as $term) {
            if (Inside::holds($term->bare(), Sum::class)) {
                return true;
            }
        }

        return false;
    }

    /** One thing over another, a minus before it taken into what stands above; null where it is none. */
    public function quotient(): ?Quotient
    {
        return self::asQuotient($this->node);
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

    /** The one letter it is about, all else being fractions and roots; null when there are several, or π. */
    public function letter(): ?string
    {
        return \count($this->letters) === 1 && !$this->holdsPi() ? $this->letters[0] : null;
    }

    /** Of y = x² − 4x what y equals; null of anything else. */
    public function curve(): ?Expression
    {
        return $this->node instanceof Equation && $this->node->left instanceof Letter && $this->letter() === null
            ? $this->node->right
            : null;
    }

    /**
     * The index of the roots under which letters stand, the least common multiple of several; 1 where none do, and of
     * an equation that is to be solved. Where it is not 1, the letters stand for numbers that are not negative.
     */
    public function rootIndex(): int
    {
        $isOfValues = $this->node instanceof Expression || $this->asked->job === Asked::SHOW;

        return $isOfValues ? RootIndex::of($this->node) : 1;
    }

    public function holdsPi(): bool
    {
        return Inside::holds($this->node, Pi::class);
    }

    /**
     * The letter an equation with π is solved for, as formulas are: where it is the only one, nobody names it. Where it
     * stands in several places and powers that is no way.
     */
    private static function besidePi(Expression|Equation $node, ?Polynomial $polynomial, Asked $asked): ?string
    {
        $letters = array_keys(Letters::of($node));
        if (!$node instanceof Equation || \count($letters) !== 1 || !Inside::holds($node, Pi::class)
            || !\in_array($asked->job, [null, 'solve', 'rearrange'], true)) {
            return null;
        }
        $powers = array_map(
            static fn(Term $term): int => $term->monomial->degreeIn((string) $letters[0]),
            $polynomial->terms ?? [],
        );

        $isGathered = \count(array_unique(array_filter($powers))) > 1
            && Letters::count($node, (string) $letters[0]) > 1;

        return $isGathered ? null : (string) $letters[0];
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

    private static function asQuotient(Expression|Equation $node): ?Quotient
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
}
