<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Algebra\SyntheticDivision;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** A division by x − r that has to leave a given remainder, one coefficient of the dividend being unknown. */
final readonly class UnknownCoefficient
{
    /**
     * @param string                     $unknown      the letter of the coefficient
     * @param string                     $letter       the letter divided in
     * @param non-empty-list<Polynomial> $coefficients of the dividend, highest power first, the unknown in them
     */
    private function __construct(
        public Expression $written,
        public string $unknown,
        public string $letter,
        public Polynomial $dividend,
        public Polynomial $divisor,
        public array $coefficients,
        public SyntheticDivision $row,
        public Rational $remainder,
    ) {}

    public static function refusal(Task $task): ?Refusal
    {
        $known = self::known($task);

        return $known instanceof self ? null : $known;
    }

    /** What a task asks for. Only called when it was not refused. */
    public static function ofTask(Task $task): self
    {
        $known = self::known($task);

        return $known instanceof self ? $known : throw new \LogicException('Nothing unknown was not refused.');
    }

    /** The remainder, with the unknown in it, set equal to what it has to be. */
    public function wanted(): Equation
    {
        return new Equation($this->row->remainder()->toExpression(), Numeral::of($this->remainder));
    }

    public function value(): Rational
    {
        $rest = $this->row->remainder();

        return $this->remainder->minus($rest->coefficient($this->unknown, 0))
            ->dividedBy($rest->coefficient($this->unknown, 1));
    }

    /** The division with the value put in. */
    public function solved(): Division
    {
        $value = Polynomial::constant($this->value());
        $dividend = Polynomial::constant(0);
        foreach ($this->coefficients as $place => $coefficient) {
            $power = \count($this->coefficients) - 1 - $place;
            $known = $coefficient->times(Polynomial::constant(0));
            foreach ($coefficient->terms as $term) {
                $number = Polynomial::constant($term->coefficient);
                $holds = $term->monomial->degreeIn($this->unknown) > 0;
                $known = $known->plus($holds ? $number->times($value) : $number);
            }
            $dividend = $dividend->plus($known->times(Polynomial::ofTerms([
                new Term(Rational::one(), Monomial::power($this->letter, $power)),
            ])));
        }

        return Division::of($this->written, $this->letter, $dividend, $this->divisor);
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
        if ($quotient === null || $problem->remainder === null || !$problem->node instanceof Expression) {
            throw new \LogicException('What leaves nothing to find is not recognised as that.');
        }
        $dividend = Polynomial::fromExpression($quotient->numerator);
        $divisor = Polynomial::fromExpression($quotient->denominator);
        $remainder = Polynomial::fromExpression($problem->remainder);
        [$unknown, $letter] = self::letters($dividend, $divisor, $problem->subject);
        if ($divisor->letters() !== [$letter] || $divisor->degree() !== 1) {
            throw new OutOfReach(Message::of('divide.unknown.refusal-divisor', [
                'divisor' => $divisor->toExpression(),
            ]));
        }
        if (!$remainder->isConstant()) {
            throw new OutOfReach(Message::of('divide.unknown.refusal-remainder', [
                'remainder' => $remainder->toExpression(),
            ]));
        }
        $coefficients = self::coefficients($dividend, $letter);
        $row = SyntheticDivision::of($coefficients, $divisor->coefficient($letter, 0)->negated()->dividedBy(
            $divisor->coefficient($letter, 1),
        ));
        $power = array_reduce(
            $row->remainder()->terms,
            static fn(int $most, Term $term): int => max($most, $term->monomial->degreeIn($unknown)),
            0,
        );
        if ($power !== 1) {
            throw new OutOfReach(Message::of(
                $power === 0 ? 'divide.unknown.refusal-always' : 'divide.unknown.refusal-degree',
                ['remainder' => $row->remainder()->toExpression(), 'unknown' => $unknown],
            ));
        }
        if (array_filter($coefficients, static fn(Polynomial $one): bool => $one->degree() > 1) !== []) {
            throw new OutOfReach(Message::of('divide.unknown.refusal-degree', [
                'remainder' => $dividend->toExpression(),
                'unknown' => $unknown,
            ]));
        }

        return new self(
            $problem->node,
            $unknown,
            $letter,
            $dividend,
            $divisor,
            $coefficients,
            $row,
            $remainder->coefficient($letter, 0),
        );
    }

    /**
     * The letter of the unknown, and the one that is divided in.
     *
     * @return array{string, string}
     *
     * @throws Refusal
     */
    private static function letters(Polynomial $dividend, Polynomial $divisor, ?string $subject): array
    {
        $all = array_values(array_unique([...$dividend->letters(), ...$divisor->letters()]));
        if (array_filter($all, Monomial::isConstant(...)) !== []) {
            throw new OutOfReach(Message::of('divide.refusal-roots'));
        }
        $others = array_values(array_diff($dividend->letters(), $divisor->letters()));
        $unknown = $subject ?? ($others[0] ?? null);
        if ($unknown === null || !\in_array($unknown, $dividend->letters(), true)) {
            throw new OutOfReach(Message::of('divide.unknown.refusal-known', [
                'dividend' => $dividend->toExpression(),
            ]));
        }
        $rest = array_values(array_diff($all, [$unknown]));
        if (\count($rest) !== 1) {
            throw new OutOfReach(Message::of('divide.unknown.refusal-letters', [
                'letters' => implode(', ', $all),
            ]));
        }

        return [$unknown, $rest[0]];
    }

    /**
     * @return non-empty-list<Polynomial> highest power of the letter first
     *
     * @throws OutOfReach where the dividend holds no power of the letter
     */
    private static function coefficients(Polynomial $dividend, string $letter): array
    {
        $terms = [];
        foreach ($dividend->terms as $term) {
            $terms[$term->monomial->degreeIn($letter)][] = new Term(
                $term->coefficient,
                $term->monomial->without($letter),
            );
        }
        $degree = max(0, 0, ...array_keys($terms));
        if ($degree === 0) {
            throw new OutOfReach(Message::of('divide.unknown.refusal-constant', ['letter' => $letter]));
        }

        return array_map(
            static fn(int $power): Polynomial => Polynomial::ofTerms($terms[$power] ?? []),
            range($degree, 0),
        );
    }
}
