<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Floats;
use Runel\Number\NoExactValue;

/**
 * What a line comes to at two places, in machine numbers: cheap to compare, so that most of what cannot be the same is
 * passed over before anything is proved. Where nothing can be worked out there, it may always be the same.
 */
final readonly class Fingerprint
{
    /** Two numbers that turn up as solutions of nothing in school. */
    private const PLACES = [[97.0, 11.0], [61.0, 7.0]];
    /** Further apart than this, two machine numbers are certainly different. */
    private const NEAR = 1e-7;

    /**
     * @param list<string>     $letters
     * @param list<float|null> $values    of an expression, or of left side minus right side, at the places
     * @param list<float>|null $solutions what the line says the letter is, where that is all it says
     * @param Equation|null    $subject   the line, where it says what a letter is by the others
     */
    private function __construct(
        private array $letters,
        private bool $isEquation,
        private array $values,
        private ?array $solutions,
        private ?Equation $subject,
    ) {}

    public static function of(Node $line): self
    {
        $letters = array_map(strval(...), array_keys(Indeterminates::of($line)));
        sort($letters);

        return new self(
            $letters,
            !$line instanceof Expression,
            self::values($line, $letters),
            self::solutions($line),
            self::subject($line),
        );
    }

    /** False only where another line is certainly not the same. */
    public function mayBe(Node $other): bool
    {
        if ($other instanceof Expression === $this->isEquation) {
            return false;
        }
        if ($this->solutions !== null) {
            return $this->isSolved($other, $this->solutions);
        }
        if ($this->subject !== null && $other instanceof Equation) {
            return $this->isSolvedBySubject($this->subject, $other);
        }
        [$first, $second] = $this->values;
        [$one, $two] = self::values($other, $this->letters);
        if ($first === null || $second === null || $one === null || $two === null) {
            return true;
        }

        return $this->isEquation
            ? self::isNear($first * $two, $second * $one)
            : self::isNear($first, $one) && self::isNear($second, $two);
    }

    private static function subject(Node $line): ?Equation
    {
        $isAlone = $line instanceof Equation && $line->left instanceof Letter
            && Indeterminates::of($line->right) !== [] && Letters::count($line->right, $line->left->name) === 0;

        return $isAlone ? $line : null;
    }

    private function isSolvedBySubject(Equation $subject, Equation $other): bool
    {
        foreach (self::PLACES as $place) {
            $at = self::at($place, $this->letters);
            $value = self::worth($subject->right, $at);
            if ($value === null || !$subject->left instanceof Letter) {
                return true;
            }
            if (!self::mayHold($other, [$subject->left->name => $value] + $at)) {
                return false;
            }
        }

        return true;
    }

    /** @param list<float> $solutions */
    private function isSolved(Node $other, array $solutions): bool
    {
        $equations = $other instanceof Alternatives ? $other->equations : [$other];
        foreach ($solutions as $solution) {
            $met = false;
            foreach ($equations as $equation) {
                $met = $met || self::mayHold($equation, array_fill_keys($this->letters, $solution));
            }
            if (!$met) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether the two sides are as good as equal there; so they are where nothing can be worked out.
     *
     * @param array<string, float> $at
     */
    private static function mayHold(Node $node, array $at): bool
    {
        if (!$node instanceof Equation) {
            return true;
        }
        [$left, $right] = [self::worth($node->left, $at), self::worth($node->right, $at)];

        return $left === null || $right === null || self::isNear($left, $right);
    }

    /**
     * @param list<string> $letters
     *
     * @return array{float|null, float|null}
     */
    private static function values(Node $line, array $letters): array
    {
        return array_map(
            static fn(array $place): ?float => self::worth($line, self::at($place, $letters)),
            self::PLACES,
        );
    }

    /**
     * @param array{float, float} $place   the first letter's value, and how much more each further one has
     * @param list<string>        $letters
     *
     * @return array<string, float>
     */
    private static function at(array $place, array $letters): array
    {
        $at = [];
        foreach ($letters as $number => $letter) {
            $at[$letter] = $place[0] + $number * $place[1];
        }

        return $at;
    }

    /** @param array<string, float> $at */
    private static function worth(Node $line, array $at): ?float
    {
        try {
            $there = Evaluation::at(new Floats(), $at);
            $worth = match (true) {
                $line instanceof Equation => $there->of($line->left) - $there->of($line->right),
                // Where any of them holds, the product is 0.
                $line instanceof Alternatives => array_product(array_map(
                    static fn(Equation $way): float => $there->of($way->left) - $there->of($way->right),
                    $line->equations,
                )),
                $line instanceof Expression => $there->of($line),
                default => null,
            };

            return $worth === null || is_nan($worth) ? null : (float) $worth;
        } catch (DivisionByZero | NoExactValue) {
            return null;
        }
    }

    private static function isNear(float $one, float $other): bool
    {
        return abs($one - $other) <= self::NEAR * (1 + abs($one) + abs($other));
    }

    /** @return list<float>|null */
    private static function solutions(Node $line): ?array
    {
        $equations = match (true) {
            $line instanceof Alternatives => $line->equations,
            $line instanceof Equation => [$line],
            default => [],
        };
        $solutions = [];
        foreach ($equations as $equation) {
            $value = $equation->left instanceof Letter && Indeterminates::of($equation->right) === []
                ? self::worth($equation->right, [])
                : null;
            if ($value === null) {
                return null;
            }
            $solutions[] = $value;
        }

        return $solutions === [] ? null : $solutions;
    }
}
