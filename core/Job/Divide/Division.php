<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** One polynomial divided by another in a single letter: the numbers that every way of doing it arrives at. */
final readonly class Division
{
    private function __construct(
        public Expression $written,
        public string $letter,
        public Polynomial $dividend,
        public Polynomial $divisor,
        public Polynomial $quotient,
        public Polynomial $remainder,
    ) {}

    /** Why there is nothing to divide; null when there is. */
    public static function refusal(Task $task): ?Refusal
    {
        $known = self::known($task);

        return $known instanceof self ? null : $known;
    }

    /** The division a task is about. Only called when it was not refused. */
    public static function ofTask(Task $task): self
    {
        $known = self::known($task);

        return $known instanceof self ? $known : throw new \LogicException('No division was not refused.');
    }

    public static function of(Expression $written, string $letter, Polynomial $dividend, Polynomial $divisor): self
    {
        return new self($written, $letter, $dividend, $divisor, ...$dividend->dividedWithRemainder($divisor, $letter));
    }

    /** The number that makes a linear divisor 0; null where it is not linear. */
    public function root(): ?Rational
    {
        return $this->divisor->degree() !== 1
            ? null
            : $this->divisor->coefficient($this->letter, 0)->negated()->dividedBy($this->leading());
    }

    /** The divisor's leading coefficient. */
    public function leading(): Rational
    {
        return $this->divisor->terms[0]->coefficient;
    }

    /** What x − r leaves, r being the divisor's root: the quotient times the divisor's leading number. */
    public function quotientBeforeScaling(): Polynomial
    {
        return $this->quotient->scaledBy($this->leading());
    }

    public function isExact(): bool
    {
        return $this->remainder->isZero();
    }

    public function hasGaps(): bool
    {
        return $this->holdsZero($this->dividend) || $this->holdsZero($this->divisor);
    }

    /** Whether fractions turn up that were not there. */
    public function hasFractions(): bool
    {
        return $this->quotient->hasFractions() || $this->remainder->hasFractions();
    }

    /** Dividend over divisor with a 0 for every missing power. */
    public function placed(): Quotient
    {
        return new Quotient(Term::sum($this->dividend->places($this->letter)), Term::sum(
            $this->divisor->places($this->letter),
        ));
    }

    /**
     * Where one term divides: what is left over term by term, what stands above and below cancelled; null where nothing
     * does.
     */
    public function reduced(): ?Expression
    {
        if ($this->isExact() || \count($this->divisor->terms) > 1) {
            return null;
        }
        $divisor = $this->divisor->terms[0];
        $left = array_map(static function (Term $term) use ($divisor): Expression {
            $number = $term->coefficient->dividedBy($divisor->coefficient);
            $common = $term->monomial->common($divisor->monomial);
            $fraction = new Quotient(
                (new Term($number->absolute()->numerator(), $term->monomial->over($common)))->toExpression(),
                (new Term($number->denominator(), $divisor->monomial->over($common)))->toExpression(),
            );

            return $fraction->signed($number->isNegative());
        }, $this->remainder->terms);
        $reduced = Sum::of([...($this->quotient->isZero() ? [] : $this->quotient->expressions()), ...$left]);

        return $reduced->equals($this->mixed()) ? null : $reduced;
    }

    /** Divisor times quotient plus remainder. */
    public function product(): Expression
    {
        $product = Product::of([$this->divisor->toExpression(), $this->quotient->toExpression()]);

        return $this->isExact() ? $product : Sum::of([$product, ...$this->remainder->expressions()]);
    }

    /** Quotient plus remainder over divisor. */
    public function mixed(): Expression
    {
        if ($this->isExact()) {
            return $this->quotient->toExpression();
        }
        $divisor = $this->divisor->toExpression();
        $single = \count($this->remainder->terms) === 1;
        $negative = $single && $this->remainder->terms[0]->coefficient->isNegative();
        $size = $negative ? $this->remainder->negated() : $this->remainder;
        $fraction = new Quotient($size->toExpression(), $divisor);

        return Sum::of([
            ...$this->quotient->expressions(),
            $fraction->signed($negative),
        ]);
    }

    private function holdsZero(Polynomial $polynomial): bool
    {
        return \count($polynomial->terms) <= $polynomial->degree();
    }

    private static function known(Task $task): self|Refusal
    {
        return $task->once(self::class, static function () use ($task): self|Refusal {
            try {
                return self::read($task);
            } catch (NotPolynomial) {
                return new OutOfReach(Message::of('divide.refusal-not-polynomial'));
            } catch (DivisionByZero) {
                return new OutOfReach(Message::of('error.zero-denominator'));
            } catch (Refusal $refusal) {
                return $refusal;
            }
        });
    }

    /**
     * @throws NotPolynomial
     * @throws DivisionByZero
     * @throws Refusal
     */
    private static function read(Task $task): self
    {
        $problem = $task->problem;
        $quotient = $problem->quotient();
        if ($quotient === null) {
            throw new \LogicException('What is no division is not recognised as one.');
        }
        $dividend = Polynomial::fromExpression($quotient->numerator);
        $divisor = Polynomial::fromExpression($quotient->denominator);
        $letters = array_values(array_unique([...$dividend->letters(), ...$divisor->letters()]));
        if (array_filter($letters, Monomial::isConstant(...)) !== []) {
            throw new OutOfReach(Message::of('divide.refusal-roots'));
        }
        if ($problem->subject !== null) {
            throw new \LogicException('A division with something to find says what is left.');
        }
        if (\count($letters) !== 1) {
            throw new OutOfReach(Message::of('divide.refusal-letters', ['letters' => implode(', ', $letters)]));
        }
        if ($dividend->isZero()) {
            throw new OutOfReach(Message::of('divide.refusal-zero'));
        }
        if ($divisor->degree() > $dividend->degree()) {
            throw new OutOfReach(Message::of('divide.refusal-degree', [
                'divisor' => $divisor->toExpression(),
                'dividend' => $dividend->toExpression(),
            ]));
        }

        $written = $problem->node instanceof Expression ? $problem->node : $quotient;

        return self::of($written, $letters[0], $dividend, $divisor);
    }
}
