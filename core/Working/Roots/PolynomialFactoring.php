<?php

declare(strict_types=1);

namespace Runel\Working\Roots;

use Runel\Algebra\CommonTerm;
use Runel\Algebra\StandardForm;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Message\TooLarge;
use Runel\Method\WaysToFactor;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Working\Known;
use Runel\Working\Outer;

/**
 * A polynomial of degree 3 and more in one letter, taken apart: common term, quadratic in the square of the letter, or
 * rational roots. What it arrives at are linear factors and, at most, quadratics for which there are other ways.
 */
final readonly class PolynomialFactoring
{
    /**
     * @param RootSearch|null $search what is left after the common term searched for roots, where its degree is above 2
     * @param SquareForm|null $square the same as a quadratic in the square of the letter, where it is one
     */
    private function __construct(
        public string $letter,
        public StandardForm $gathered,
        public CommonTerm $common,
        private ?RootSearch $search,
        private ?SquareForm $square,
    ) {}

    public static function refusal(Task $task, WaysToFactor $ways): ?Refusal
    {
        $known = self::known($task, $ways);

        return $known instanceof self ? null : $known;
    }

    /** What a task is about. Only called when it was not refused. */
    public static function ofTask(Task $task, WaysToFactor $ways): self
    {
        $known = self::known($task, $ways);

        return $known instanceof self ? $known : throw new \LogicException('Nothing to take apart was not refused.');
    }

    /** @return list<Section> from the common term to the last factor written */
    public function sections(): array
    {
        $outer = $this->outer();

        return match (true) {
            $this->square !== null => $this->square->sections($outer),
            $this->search !== null => (new RootSteps($this->search, $this->letter, $outer))->sections(),
            default => [],
        };
    }

    public function outer(): Outer
    {
        return new Outer($this->common, $this->gathered->equation !== null);
    }

    /** @return list<Polynomial> those found so far, what is left to be looked at apart */
    public function found(): array
    {
        return $this->square?->factors() ?? $this->search->factors ?? [];
    }

    /** What is left when those found are divided out; null where nothing is. */
    public function rest(): ?Polynomial
    {
        $rest = $this->square !== null ? null : ($this->search->rest ?? $this->common->rest);

        return $rest === null || $rest->degree() === 0 ? null : $rest;
    }

    /** Whether no candidate fits what is left, so that it cannot be taken apart on this way. */
    public function isStuck(): bool
    {
        return $this->square === null && $this->search?->isStuck() === true;
    }

    /** The last round, where the search has got stuck. */
    public function stuckRound(): ?RootRound
    {
        $rounds = $this->search->rounds ?? [];

        return $this->isStuck() && $rounds !== [] ? $rounds[\count($rounds) - 1] : null;
    }

    public function trials(): int
    {
        return $this->square?->trials() ?? $this->search?->trials() ?? 0;
    }

    public function advice(): Message
    {
        return $this->square !== null
            ? Message::of('roots.advice-square')
            : Message::of('roots.advice', ['count' => max(1, $this->trials())]);
    }

    /** @return list<Polynomial> the letter itself, as often as it was taken out */
    public function letters(): array
    {
        return array_fill(0, $this->common->letters->degreeIn($this->letter), Polynomial::ofTerms([
            new Term(Rational::one(), Monomial::power($this->letter, 1)),
        ]));
    }

    private static function known(Task $task, WaysToFactor $ways): self|Refusal
    {
        return $task->once(self::class, static function () use ($task, $ways): self|Refusal {
            try {
                return self::read($task, $ways);
            } catch (Refusal $refusal) {
                return $refusal;
            }
        });
    }

    /** @throws Refusal */
    private static function read(Task $task, WaysToFactor $ways): self
    {
        $gathered = Known::standardForm($task);
        $most = RootSearch::DEGREE;
        $letters = $gathered?->whole->letters() ?? [];
        $isOneLetter = \count($letters) === 1 && array_filter($letters, Monomial::isConstant(...)) === [];
        if ($gathered === null || !$isOneLetter || $gathered->whole->degree() < 3) {
            throw new MethodDoesNotApply(Message::of('roots.refusal', ['most' => $most]));
        }
        $letter = $letters[0];
        $common = CommonTerm::of($gathered->whole);
        $rest = $common->rest;
        if ($rest->degree() > $most) {
            throw new OutOfReach(Message::of('roots.refusal-degree', ['degree' => $rest->degree(), 'most' => $most]));
        }
        if ($rest->degree() <= 2) {
            return new self($letter, $gathered, $common, null, null);
        }
        $square = SquareForm::of($rest, $letter, $task, $ways);
        $search = $square === null ? RootSearch::of($rest, $letter, self::given($task, $letter)) : null;
        if ($square === null && $search === null) {
            throw new TooLarge(Message::of('roots.refusal-many'));
        }

        return new self($letter, $gathered, $common, $search, $square);
    }

    /** The root that belongs to what the problem says to be a factor; null where it says none. */
    private static function given(Task $task, string $letter): ?Rational
    {
        foreach ($task->problem->asked->given as $given) {
            $factor = Polynomial::tryFrom($given);
            if ($factor?->letters() === [$letter] && $factor->degree() === 1) {
                return $factor->coefficient($letter, 0)->negated()->dividedBy($factor->coefficient($letter, 1));
            }
        }

        return null;
    }
}
