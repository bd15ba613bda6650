<?php

declare(strict_types=1);

namespace Runel\Problem;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Limits;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Job\CompleteSquare\CompleteSquareRecogniser;
use Runel\Job\Divide\DivideRecogniser;
use Runel\Job\Factor\FactorRecogniser;
use Runel\Job\Multiply\MultiplyRecogniser;
use Runel\Job\Rearrange\RearrangeRecogniser;
use Runel\Job\Solve\SolveRecogniser;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\SyntaxError;
use Runel\Message\TooLarge;
use Runel\Notation\Ascii;
use Runel\Number\DivisionByZero;
use Runel\Parsing\Asked;
use Runel\Parsing\Parser;
use Runel\Parsing\Typed;
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
     * @param string|null      $function   the name it was given, as f(x)
     * @param Expression|null  $remainder  what a division is said to leave
     */
    private function __construct(
        public string $source,
        public Expression|Equation $node,
        public ?string $subject,
        public array $jobs,
        public ?ProductForm $product,
        public ?Polynomial $polynomial,
        public array $letters,
        public ?string $function = null,
        public ?Expression $remainder = null,
    ) {}

    /**
     * @throws SyntaxError when it cannot be read
     * @throws TooLarge    when it is beyond a limit
     * @throws OutOfReach  when it can be read but there is nothing to do with it
     */
    public static function read(string $source): self
    {
        return self::meant($source, Parser::parse($source));
    }

    /**
     * What work has come to, as a problem of its own.
     *
     * @throws TooLarge   when it is beyond a limit
     * @throws OutOfReach when there is nothing to do with it
     */
    public static function of(Expression|Equation $node, ?string $subject = null): self
    {
        return self::meant(
            Ascii::typed($node) . ($subject === null ? '' : " for $subject"),
            new Typed($node, $subject),
        );
    }

    private static function meant(string $source, Typed $typed): self
    {
        $node = $typed->node;
        $letters = [];
        self::collectLetters($node, $letters);
        ksort($letters);
        $letters = array_map('strval', array_keys($letters));
        if (\count($letters) > Limits::LETTERS) {
            throw new TooLarge(Message::of('error.letters', ['limit' => Limits::LETTERS]));
        }
        $polynomial = self::polynomial($node);
        $node = self::productFirst($node, $polynomial);
        $product = $polynomial === null ? null : self::product($node);
        $reading = new Reading($node, $typed->subject, $letters, $product, $polynomial, $typed->function !== null);
        $jobs = self::jobs($reading);
        $asked = self::asked($typed->asked, $reading);
        if ($asked !== null && $letters !== []) {
            if (!\in_array($asked, $jobs, true)) {
                throw new OutOfReach(Message::of("error.asked-$asked->value"), $typed->awkwardAt ?? 1);
            }
            $jobs = [$asked, ...array_values(array_filter($jobs, static fn(Job $job): bool => $job !== $asked))];
        }
        if ($typed->remainder !== null && Reading::quotient($node) === null) {
            throw new OutOfReach(Message::of('error.remainder-of-what'), 1);
        }
        if ($jobs === []) {
            throw new OutOfReach(Message::of(match (true) {
                $letters === [] => 'error.no-letter',
                $polynomial === null => 'error.not-polynomial',
                $node instanceof Expression && \count($polynomial->terms) < 2 => 'error.single-term',
                $node instanceof Expression && $polynomial->degree() < 2 => 'error.nothing-to-do',
                default => 'error.no-job',
            }), $typed->awkwardAt ?? 1);
        }

        return new self(
            $source,
            $node,
            $typed->subject,
            $jobs,
            $product,
            $polynomial,
            $letters,
            $typed->function,
            $typed->remainder,
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

    /** The job that the words ask for. */
    private static function asked(?Asked $asked, Reading $reading): ?Job
    {
        return $asked === null || $asked === Asked::Show
            ? ($asked !== null && $reading->node instanceof Quotient ? Job::Divide : null)
            : Job::from($asked->value);
    }

    /** Whether products with sums in them are added, as in 2(x + 1) + 3(x − 4). */
    public function isSumOfProducts(): bool
    {
        return Reading::isSumOfProducts($this->node);
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

    /** @return list<Job> the most likely one first */
    private static function jobs(Reading $reading): array
    {
        if ($reading->letters === []) {
            return [];
        }
        $weights = [];
        foreach (self::recognisers() as $recogniser) {
            $weight = $recogniser->weight($reading);
            if ($weight > Recogniser::NOT) {
                $weights[$recogniser->job()->value] = $weight;
            }
        }
        arsort($weights);

        return array_map(Job::from(...), array_keys($weights));
    }

    /** @return list<Recogniser> one a job */
    private static function recognisers(): array
    {
        return [
            new MultiplyRecogniser(), new FactorRecogniser(), new SolveRecogniser(), new CompleteSquareRecogniser(), new DivideRecogniser(),
            new RearrangeRecogniser(),
        ];
    }
}
