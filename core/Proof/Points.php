<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Notation\Ascii;
use Runel\Number\NoExactValue;

/**
 * What two lines say, told from places: all letters but one get values, the one is found where the line holds, and
 * there the other line has to hold as well, along every letter in turn. That two lines differ is certain this way;
 * that they agree, as good as certain. The audit never asks here; whoever judges a person's line does where nothing
 * exact decides.
 *
 * @phpstan-import-type At from Curve
 */
final readonly class Points
{
    /** Values of the other letters: nothing that turns up in school, so that nothing agrees by accident. */
    private const VALUES = [1.371, 2.213, 0.831, 1.907, 2.693, 3.169, 0.587, 1.129];
    /** So many different values the others get, at least: each letter is looked along once, or more often. */
    private const ROUNDS = 3;
    /** At so many places two expressions are worked out. */
    private const SAMPLES = 4;
    /** Beyond so many letters nothing is looked for. */
    private const MOST_LETTERS = 8;
    /** How far along a letter its places are looked for, and, where it is the only one, up to where by halves. */
    private const FARTHEST = 100_000.0;
    private const FINE = 20.0;
    private const NEAREST = 0.2;
    private const STEP = 1.7;
    /** Where something has no value at 0 itself, what it meets there is seen between these. */
    private const CLOSE = [0.001, 0.01, 0.05, 0.1, 0.25];
    /** More roots in one line than this are not each taken with both signs. */
    private const MOST_ROOTS = 3;

    public function __construct(private Effort $effort) {}

    /** How a line follows from the line before it. Undecided where nothing was found that could tell. */
    public function compare(Node $before, Node $after): Entailment
    {
        try {
            return $before instanceof Expression && $after instanceof Expression
                ? $this->values($before, $after)
                : $this->solutions($before, $after);
        } catch (NoExactValue) {
            return Entailment::Undecided;
        }
    }

    /**
     * Whether whatever solves a line without solving the line before was brought in by a move that may do so: squaring,
     * multiplying by what can be 0, or clearing a denominator that is 0 there.
     */
    public function isExplained(Node $before, Node $after): bool
    {
        if (!$before instanceof Equation) {
            return false;
        }
        try {
            [$own, $others] = [Curve::of($before), self::curves($after)];
            $squared = $this->squared($before);
            $places = 0;
            foreach ($this->rounds($before, $after) as [$letter, $at]) {
                foreach ($this->met($others, $letter, $at) as $place) {
                    ++$places;
                    $there = [$letter => $place] + $at;
                    $isAdded = $own->gap($there) > Curve::NEAR;
                    if ($isAdded && !self::isBroughtIn($own, $squared, $others, $there)) {
                        return false;
                    }
                }
            }
        } catch (NoExactValue) {
            return false;
        }

        return $places > 0;
    }

    /**
     * @param list<Curve> $squared what the line before is with its roots taken with any sign
     * @param list<Curve> $others
     * @param At          $there
     */
    private static function isBroughtIn(Curve $own, array $squared, array $others, array $there): bool
    {
        foreach ($squared as $curve) {
            if (!($curve->gap($there) > Curve::NEAR)) {
                return true;
            }
        }
        // Squaring and multiplying leave one equation; several are read off, and bring nothing in.
        if (\count($others) > 1) {
            return false;
        }

        return Curve::apart(abs($own->left($there)), abs($own->right($there))) < Curve::NEAR
            || abs($others[0]->left($there)) + abs($others[0]->right($there)) < Curve::NEAR;
    }

    /**
     * Squaring does not ask for the sign of a root, so each may have either.
     *
     * @return list<Curve>
     *
     * @throws NoExactValue
     */
    private function squared(Equation $before): array
    {
        $roots = [];
        self::collect($before, $roots);
        $curves = [];
        for ($signs = 1; $signs < 1 << min(\count($roots), self::MOST_ROOTS); ++$signs) {
            $turned = $before;
            foreach (array_values($roots) as $number => $root) {
                $turned = ($signs >> $number & 1) === 1 ? self::turned($turned, $root) : $turned;
            }
            $curves[] = Curve::of($turned);
        }

        return $curves;
    }

    /** @param array<string, string> $roots as written, those with a letter under them */
    private static function collect(Node $node, array &$roots): void
    {
        if ($node instanceof Root && $node->index % 2 === 0 && Indeterminates::of($node) !== []) {
            $roots[Ascii::write($node)] = Ascii::write($node);
        }
        foreach ($node->children() as $child) {
            self::collect($child, $roots);
        }
    }

    private static function turned(Equation $line, string $root): Equation
    {
        return Rewriter::everywhere($line, static fn(Node $node): ?Node =>
            $node instanceof Root && Ascii::write($node) === $root ? new Negative($node) : null);
    }

    private function values(Expression $before, Expression $after): Entailment
    {
        $curve = Curve::of(new Equation($before, $after));
        $letters = array_map(strval(...), array_keys(Indeterminates::of($before) + Indeterminates::of($after)));
        $seen = 0;
        for ($round = 0; $round < self::SAMPLES; ++$round) {
            $this->effort->spend($curve->size);
            $gap = $curve->gap(self::at($letters, $round));
            if ($gap > Curve::FAR) {
                return Entailment::Unrelated;
            }
            $seen += $gap < Curve::NEAR ? 1 : 0;
        }

        return $seen === self::SAMPLES ? Entailment::Same : Entailment::Undecided;
    }

    /** @throws NoExactValue */
    private function solutions(Node $before, Node $after): Entailment
    {
        [$own, $others] = [self::curves($before), self::curves($after)];
        [$kept, $lost, $added, $unclear] = [0, 0, 0, 0];
        foreach ($this->rounds($before, $after) as [$letter, $at]) {
            foreach ($this->met($own, $letter, $at) as $place) {
                $holds = $this->holds($others, [$letter => $place] + $at);
                $holds === true ? ++$kept : ($holds === false ? ++$lost : ++$unclear);
            }
            foreach ($this->met($others, $letter, $at) as $place) {
                $holds = $this->holds($own, [$letter => $place] + $at);
                // Where the line before has no value, nothing solves it there; in several letters that is no matter of
                // the one looked along.
                $isNowhere = $holds === null && $at === [] && self::hasNoValue($own, [$letter => $place]);
                $added += $holds === false || $isNowhere ? 1 : 0;
            }
        }

        return match (true) {
            $lost > 0 => Entailment::Unrelated,
            $kept === 0 || $unclear > $kept => Entailment::Undecided,
            $added > 0 => Entailment::Implies,
            default => Entailment::Equivalent,
        };
    }

    /**
     * Each letter in turn, with values for the others.
     *
     * @return iterable<array{string, At}>
     *
     * @throws NoExactValue where there are too many letters, or none
     */
    private function rounds(Node $before, Node $after): iterable
    {
        $letters = array_map(strval(...), array_keys(Indeterminates::of($before) + Indeterminates::of($after)));
        sort($letters);
        if ($letters === [] || \count($letters) > self::MOST_LETTERS) {
            throw new NoExactValue('no letter to look along');
        }
        foreach ($letters as $letter) {
            $rounds = \count($letters) === 1 ? 1 : intdiv(self::ROUNDS + \count($letters) - 1, \count($letters));
            for ($round = 0; $round < $rounds; ++$round) {
                $at = self::at($letters, $round);
                unset($at[$letter]);
                yield [$letter, $at];
            }
        }
    }

    /**
     * @param list<string> $letters
     *
     * @return At
     */
    private static function at(array $letters, int $round): array
    {
        $at = [];
        foreach ($letters as $number => $letter) {
            $at[$letter] = self::VALUES[($number + 3 * $round) % \count(self::VALUES)] + 0.1 * $round;
        }

        return $at;
    }

    /**
     * Where any of the equations holds.
     *
     * @param list<Curve> $curves
     * @param At          $at
     *
     * @return list<float>
     */
    private function met(array $curves, string $letter, array $at): array
    {
        $places = self::places($at === []);
        $met = [];
        foreach ($curves as $curve) {
            $this->effort->spend($curve->size * intdiv(\count($places), 2));
            array_push($met, ...$curve->meetings($letter, $at, $places));
        }

        return $met;
    }

    /**
     * Whether any of the equations holds there; null where none has a value, or it is too close to tell.
     *
     * @param list<Curve> $curves
     * @param At          $there
     */
    private function holds(array $curves, array $there): ?bool
    {
        $nearest = \NAN;
        foreach ($curves as $curve) {
            $gap = $curve->gap($there);
            $nearest = is_nan($nearest) || $gap < $nearest ? $gap : $nearest;
        }

        return match (true) {
            $nearest < Curve::NEAR => true,
            $nearest > Curve::FAR => false,
            default => null,
        };
    }

    /**
     * @param non-empty-list<Curve> $curves
     * @param At                    $there
     */
    private static function hasNoValue(array $curves, array $there): bool
    {
        return array_filter($curves, static fn(Curve $curve): bool => !is_nan($curve->gap($there))) === [];
    }

    /**
     * @return non-empty-list<Curve>
     *
     * @throws NoExactValue
     */
    private static function curves(Node $node): array
    {
        return match (true) {
            $node instanceof Equation => [Curve::of($node)],
            $node instanceof Alternatives => array_map(Curve::of(...), $node->equations) ?: throw new NoExactValue(''),
            default => throw new NoExactValue('not an equation'),
        };
    }

    /** @return list<float> further and further apart; close to 0, where that is wanted, by halves, and closer still */
    private static function places(bool $isFine): array
    {
        $places = $isFine ? self::CLOSE : [];
        for ($place = 0.5; $isFine && $place <= self::FINE; $place += 0.5) {
            $places[] = $place;
        }
        for ($place = $isFine ? self::FINE : self::NEAREST; $place <= self::FARTHEST; $place *= self::STEP) {
            $places[] = $place * self::STEP;
        }

        return [...array_map(static fn(float $place): float => -$place, array_reverse($places)), 0.0, ...$places];
    }
}
