<?php

declare(strict_types=1);

namespace Runel\Why;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Step;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\RootIndex;
use Runel\Expression\Substitution;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\RaiseBothSides;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\TakeLeftSide;
use Runel\Message\Message;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Proof\Proof;
use Runel\Working\Arithmetic;

/**
 * One layer deeper than a step's own reason: the law by which its newest line follows, and the two lines worked out on
 * small numbers. For equations the numbers are a solution, for expressions any. What is not proved is not shown.
 */
final readonly class ButWhy
{
    /** Small numbers, one for each letter; the next ones where something would be divided by 0. */
    private const SAMPLES = [[2, 3, 5, 7], [3, 5, 2, 11], [5, 2, 7, 3], [7, 4, 3, 2]];
    /** Moves with a law of their own. */
    private const LAWS = [
        'add', 'subtract', 'multiply', 'divide', 'zero-product', 'square-both-sides', 'root-both-sides', 'swap-sides',
        'compare-coefficients', 'remainder-is',
    ];
    /** More letters than this are no help to anybody. */
    private const LETTERS = 4;

    /**
     * @param Message        $law     why such a line follows at all
     * @param list<Equation> $numbers what is put for each letter
     * @param bool           $solves  whether the numbers are put in because they solve the problem
     * @param list<Line>     $before  the line before, worked out
     * @param list<Line>     $after   the newest line, worked out
     * @param Figure|null    $picture where one tells it
     */
    private function __construct(
        public Message $law,
        public array $numbers,
        public bool $solves,
        public array $before,
        public array $after,
        public ?Figure $picture = null,
    ) {}

    /** Once more: why that law holds. */
    public function deeper(): Message
    {
        return Message::of('why.deeper.' . substr($this->law->key, \strlen('why.law.')));
    }

    /** Of the step in that place, from 0; null where it writes no line to be asked about. */
    public static function of(Demonstration $demonstration, int $place): ?self
    {
        $steps = $demonstration->steps();
        $lines = isset($steps[$place]) ? self::written($steps[$place]) : [];
        $main = array_values(array_filter($lines, static fn(Line $line): bool => $line->link !== Link::Side));
        $newest = $main[\count($main) - 1] ?? $lines[\count($lines) - 1] ?? null;
        $reason = $steps[$place]->reason ?? null;
        if ($newest === null) {
            return $reason === null ? null : new self(Message::of("why.law.$reason->value"), [], false, [], []);
        }
        $before = $newest->link === Link::Side ? null : self::before($steps, $place, $newest);
        $law = Message::of('why.law.' . ($reason->value ?? self::law($lines, $newest, $before)));
        if ($newest->rejected !== null) {
            return new self($law, [], false, [], []);
        }
        $picture = WhyPicture::of($demonstration, $before, $newest);
        foreach (self::values($demonstration, $newest) as $values) {
            $worked = self::worked($newest, $before, $values);
            if ($worked !== null) {
                return new self($law, array_map(
                    static fn(string $letter): Equation => new Equation(
                        new Letter($letter),
                        Numeral::of($values[$letter]),
                    ),
                    array_keys($values),
                ), self::isSolved($newest, array_keys($values)), $worked[0], $worked[1], $picture);
            }
        }

        return new self($law, [], false, [], [], $picture);
    }

    /** The line that a step's newest one goes on from; null where there is none. */
    public static function lineBefore(Demonstration $demonstration, int $place): ?Line
    {
        $steps = $demonstration->steps();
        $lines = isset($steps[$place]) ? self::written($steps[$place]) : [];
        $newest = $lines[\count($lines) - 1] ?? null;

        return $newest === null ? null : self::before($steps, $place, $newest);
    }

    /** Whether a step writes a line of its own, so that it can be asked about. */
    public static function isAbout(Step $step): bool
    {
        return self::written($step) !== [];
    }

    /** @return list<Line> what a step writes beside what was given */
    private static function written(Step $step): array
    {
        return array_values(array_filter(
            $step->lines,
            static fn(Line $line): bool => $line->link !== Link::Given,
        ));
    }

    /** @param list<Line> $lines those of the step: the first with a law of its own names it */
    private static function law(array $lines, Line $newest, ?Line $before): string
    {
        foreach ($lines as $line) {
            if (self::clearsRootBelow($line->node)) {
                return 'rationalised';
            }
            if ($line->move instanceof RootBothSides && $line->move->index > 2) {
                return $line->move->index % 2 === 1 ? 'root-odd' : 'root-even';
            }
            if ($line->move instanceof RaiseBothSides) {
                return $line->move->index % 2 === 1 ? 'raise-odd' : 'raise-even';
            }
            $move = $line->move?->name();
            if (\in_array($move, self::LAWS, true)) {
                return $move;
            }
        }

        return match (true) {
            $newest->rejected !== null => 'rejected',
            ($newest->link === Link::Side || $newest->node instanceof Expression)
                && (RootIndex::of($newest->node) > 1 || ($before !== null && RootIndex::of($before->node) > 1)) =>
                    'roots',
            $newest->link === Link::Side => Letters::of($newest->node) === [] ? 'numbers' : 'side',
            $newest->move instanceof JoinBranches => $before?->node instanceof Alternatives
                ? 'join-branches'
                : 'solved',
            $newest->move instanceof TakeLeftSide => 'take-left-side',
            $newest->node instanceof Expression => 'equal',
            // A root has not always a value; its square, worked out, has.
            $before !== null && Inside::holds($before->node, Root::class)
                && !Inside::holds($newest->node, Root::class) => 'root-squared',
            default => 'rewritten',
        };
    }

    /** Whether there is a root below the line on the left, and none on the right. */
    private static function clearsRootBelow(Node $node): bool
    {
        $isBelow = static fn(Node $side): bool => Inside::some($side, static fn(Node $part): bool =>
            $part instanceof Quotient && Inside::holds($part->denominator, Root::class));

        return $node instanceof Equation && $isBelow($node->left) && !$isBelow($node->right);
    }

    /**
     * The line that stood there before the step, on its branch or where the branches begin.
     *
     * @param list<Step> $steps
     */
    private static function before(array $steps, int $place, Line $newest): ?Line
    {
        for ($step = $place - 1; $step >= 0; --$step) {
            foreach (array_reverse($steps[$step]->lines) as $line) {
                $isOn = $line->branch === null || $line->branch->name() === $newest->branch?->name();
                if ($line->link !== Link::Side && $isOn) {
                    return $line;
                }
            }
        }

        return null;
    }

    /**
     * Which numbers are put in, the likelier ones first.
     *
     * @return iterable<non-empty-array<string, Rational>>
     */
    private static function values(Demonstration $demonstration, Line $newest): iterable
    {
        $letters = $newest->link === Link::Side
            ? array_map(strval(...), array_keys(Letters::of($newest->node)))
            : $demonstration->task->problem->letters;
        if ($letters === [] || \count($letters) > self::LETTERS) {
            return;
        }
        if (self::isSolved($newest, $letters)) {
            foreach ($demonstration->answer->solutions() ?? [] as $solution) {
                $value = $solution instanceof Expression ? $solution->number() : null;
                if ($value !== null) {
                    yield [$letters[0] => $value];
                }
            }

            return;
        }
        foreach (self::SAMPLES as $sample) {
            $values = [];
            foreach ($letters as $place => $letter) {
                $values[$letter] = Rational::of($sample[$place]);
            }
            yield $values;
        }
    }

    /** @param list<string> $letters */
    private static function isSolved(Line $newest, array $letters): bool
    {
        return $newest->node instanceof Equation && $newest->link !== Link::Side && \count($letters) === 1;
    }

    /**
     * Both lines worked out; null where one of them cannot be, or does not hold there.
     *
     * @param array<string, Rational> $values
     *
     * @return array{list<Line>, list<Line>}|null
     */
    private static function worked(Line $newest, ?Line $before, array $values): ?array
    {
        try {
            $after = self::sides($newest->node, $values);
            $above = $before === null ? [] : self::sides($before->node, $values);
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }
        if ($after === null || $above === null) {
            return null;
        }
        $results = array_map(static fn(array $side): Rational => $side[1], [...$above, ...$after]);
        $isExpression = $newest->node instanceof Expression;
        foreach ($isExpression || $before === null ? [$results] : [
            \array_slice($results, 0, 2),
            \array_slice($results, 2),
        ] as $same) {
            foreach ($same as $result) {
                if (!$result->equals($same[0])) {
                    return null;
                }
            }
        }
        $above = self::lines($above);
        $after = self::lines($after);

        return self::isProved([...$above, ...$after]) ? [$above, $after] : null;
    }

    /**
     * @param list<array{list<Line>, Rational}> $sides
     *
     * @return list<Line>
     */
    private static function lines(array $sides): array
    {
        $lines = [];
        foreach ($sides as [$own]) {
            $lines = [...$lines, ...$own];
        }

        return $lines;
    }

    /**
     * @param array<string, Rational> $values
     *
     * @return list<array{list<Line>, Rational}>|null each side with its work and its value; null where a line forks
     */
    private static function sides(Node $node, array $values): ?array
    {
        $node = Rewriter::unmarked($node);
        if (!$node instanceof Equation && !$node instanceof Expression) {
            return null;
        }
        $sides = [];
        foreach ($node instanceof Equation ? [$node->left, $node->right] : [$node] as $side) {
            foreach ($values as $letter => $value) {
                $side = Letters::holds($side, $letter)
                    ? Substitution::into($side, $letter, Numeral::of($value))
                    : $side;
            }
            $result = Polynomial::number($side);
            if ($result === null) {
                $lines = Arithmetic::lines($side);
                $last = $lines[\count($lines) - 1]->node;
                $result = $last instanceof Equation ? Polynomial::number($last->right) : null;
            } elseif ($side->isNumber()) {
                $lines = [];
            } else {
                $lines = Arithmetic::lines($side);
            }
            if ($result === null) {
                return null;
            }
            $sides[] = [$lines, $result];
        }

        return $sides;
    }

    /** @param list<Line> $lines */
    private static function isProved(array $lines): bool
    {
        $proof = new Proof();
        foreach ($lines as $line) {
            if (!$line->node instanceof Equation
                || !$proof->holds(new Identity($line->node->left, $line->node->right))) {
                return false;
            }
        }

        return $lines !== [];
    }
}
