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
     * @param list<Evaluation<float>>      $places    one a place; what lines have in common is worked out there once
     * @param list<float|null>             $values    of an expression, or of left side minus right side, at the places
     * @param list<Evaluation<float>>|null $solutions where the letter is what the line says it is, if that is all it
     *                                                says
     * @param list<Evaluation<float>>|null $subject   at the places, with what the line says a letter is by the others,
     *                                                if that is what it says; null where that cannot be told
     */
    private function __construct(
        private bool $isEquation,
        private array $places,
        private array $values,
        private ?array $solutions,
        private ?array $subject,
    ) {}

    /** @return list<string> the letters that want a value, in order */
    public static function letters(Node $line): array
    {
        $letters = array_map(strval(...), array_keys(Indeterminates::of($line)));
        sort($letters);

        return $letters;
    }

    /**
     * Where lines in these letters are compared: what they have in common is worked out there once.
     *
     * @param list<string> $letters
     *
     * @return list<Evaluation<float>>
     */
    public static function places(array $letters): array
    {
        return array_map(
            static fn(array $place): Evaluation => Evaluation::at(new Floats(), self::at($place, $letters)),
            self::PLACES,
        );
    }

    /** @param list<Evaluation<float>> $places as they are for the letters of the line */
    public static function of(Node $line, array $places): self
    {
        $letters = self::letters($line);
        $solutions = self::solutions($line);

        return new self(
            !$line instanceof Expression,
            $places,
            self::values($line, $places),
            $solutions === null ? null : array_map(static fn(float $solution): Evaluation => Evaluation::at(
                new Floats(),
                array_fill_keys($letters, $solution),
            ), $solutions),
            self::subject($line, $letters, $places),
        );
    }

    /** False only where another line is certainly not the same. */
    public function mayBe(Node $other): bool
    {
        if ($other instanceof Expression === $this->isEquation) {
            return false;
        }
        if ($this->solutions !== null) {
            return self::isSolved($other, $this->solutions);
        }
        if ($this->subject !== null && $other instanceof Equation) {
            return self::isSolvedBySubject($this->subject, $other);
        }
        [$first, $second] = $this->values;
        if ($first === null || $second === null) {
            return true;
        }
        if ($this->isEquation) {
            [$one, $two] = self::values($other, $this->places);

            return $one === null || $two === null || self::isNear($first * $two, $second * $one);
        }
        foreach ([$first, $second] as $number => $own) {
            $value = self::worth($other, $this->places[$number]);
            if ($value === null || !self::isNear($own, $value)) {
                return $value === null;
            }
        }

        return true;
    }

    /**
     * @param list<string>            $letters
     * @param list<Evaluation<float>> $places
     *
     * @return list<Evaluation<float>>|null
     */
    private static function subject(Node $line, array $letters, array $places): ?array
    {
        if (!$line instanceof Equation || !$line->left instanceof Letter
            || Indeterminates::of($line->right) === [] || Letters::count($line->right, $line->left->name) > 0) {
            return null;
        }
        $there = [];
        foreach ($places as $number => $place) {
            $value = self::worth($line->right, $place);
            // Where nothing can be worked out, nothing is passed over.
            if ($value === null) {
                return [];
            }
            $there[] = Evaluation::at(
                new Floats(),
                [$line->left->name => $value] + self::at(self::PLACES[$number], $letters),
            );
        }

        return $there;
    }

    /** @param list<Evaluation<float>> $subject */
    private static function isSolvedBySubject(array $subject, Equation $other): bool
    {
        foreach ($subject as $there) {
            if (!self::mayHold($other, $there)) {
                return false;
            }
        }

        return true;
    }

    /** @param list<Evaluation<float>> $solutions */
    private static function isSolved(Node $other, array $solutions): bool
    {
        $equations = $other instanceof Alternatives ? $other->equations : [$other];
        foreach ($solutions as $solution) {
            $met = false;
            foreach ($equations as $equation) {
                $met = $met || self::mayHold($equation, $solution);
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
     * @param Evaluation<float> $there
     */
    private static function mayHold(Node $node, Evaluation $there): bool
    {
        if (!$node instanceof Equation) {
            return true;
        }
        [$left, $right] = [self::worth($node->left, $there), self::worth($node->right, $there)];

        return $left === null || $right === null || self::isNear($left, $right);
    }

    /**
     * @param list<Evaluation<float>> $places
     *
     * @return array{float|null, float|null}
     */
    private static function values(Node $line, array $places): array
    {
        return [self::worth($line, $places[0]), self::worth($line, $places[1])];
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

    /** @param Evaluation<float> $there */
    private static function worth(Node $line, Evaluation $there): ?float
    {
        try {
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
                ? self::worth($equation->right, Evaluation::at(new Floats(), []))
                : null;
            if ($value === null) {
                return null;
            }
            $solutions[] = $value;
        }

        return $solutions === [] ? null : $solutions;
    }
}
