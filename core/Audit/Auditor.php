<?php

declare(strict_types=1);

namespace Runel\Audit;

use Runel\Demonstration\AnswerType;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Step;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\NoExactValue;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Notation\Ascii;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Problem\Job;

/**
 * The independent judge. It knows nothing of how a demonstration was made: every link is
 * derived again by exact evaluation, every number in a figure is recomputed, every check is
 * worked again, every solution is put into the original.
 */
final class Auditor
{
    /** @var list<string> */
    private array $faults = [];
    private Points $points;
    private Phase $phase = Phase::Reading;
    private ?Node $last = null;
    /** @var array<string, Node> the last line of each branch */
    private array $branches = [];

    private function __construct(private readonly Demonstration $demonstration)
    {
        $this->points = new Points($demonstration->problem->letters);
    }

    /** @throws Unproved when anything does not follow */
    public static function approve(Demonstration $demonstration): void
    {
        $faults = self::faults($demonstration);
        if ($faults !== []) {
            throw new Unproved($demonstration, $faults);
        }
    }

    /** @return list<string> what does not follow, in plain words; empty when everything does */
    public static function faults(Demonstration $demonstration): array
    {
        $auditor = new self($demonstration);
        $auditor->judgeSteps();
        $auditor->judgeChecks();
        $auditor->judgeAnswer();

        return $auditor->faults;
    }

    private function judgeSteps(): void
    {
        $figure = null;
        $ids = [];
        foreach ($this->stepsByPhase() as [$this->phase, $step]) {
            $this->expect(!isset($ids[$step->id]), "$step->id: stands twice");
            $ids[$step->id] = true;
            foreach ($step->lines as $line) {
                $this->judgeLine($step, $line);
            }
            foreach ([$step->figure, $step->aside] as $shown) {
                foreach ($shown?->claims($shown === $step->figure ? $figure : null) ?? [] as $claim) {
                    $this->expectTrue($claim, "$step->id: figure");
                }
            }
            $figure = $step->figure ?? $figure;
            $this->judgeQuestion($step);
        }
        $this->expect($this->last !== null, 'there is no line at all');
    }

    /** @return iterable<array{Phase, Step}> */
    private function stepsByPhase(): iterable
    {
        foreach ($this->demonstration->sections as $section) {
            foreach ($section->steps as $step) {
                yield [$section->phase, $step];
            }
        }
    }

    private function judgeLine(Step $step, Line $line): void
    {
        $where = "{$step->id}: {$line->link->value}";
        match ($line->link) {
            Link::Given => $this->expect($this->last === null && Ascii::write($line->node) === Ascii::write($this->demonstration->problem->node), "$where is not what was asked"),
            Link::Side => $this->expect($line->node instanceof Equation, "$where is no equation") && $this->expectTrue($line->node, $where),
            Link::Equal, Link::Result, Link::Equivalent => $this->judgeFollowing($line, $where),
            Link::Implies => $this->judgeImplied($line, $where),
        };
        $this->expect($line->link === Link::Given || $this->placesFall($line->node), "$where: a missing power stands in the wrong place");
        if ($line->link === Link::Side || $line->link === Link::Implies) {
            return;
        }
        if ($line->branch !== null) {
            $this->branches[$line->branch] = $line->node;
        } else {
            $this->last = $line->node;
        }
    }

    private function judgeFollowing(Line $line, string $where): void
    {
        $before = $this->before($line);
        if ($before === null) {
            $this->faults[] = "$where follows nothing";

            return;
        }
        if ($line->node instanceof Expression) {
            // Where a product is to be shown equal to a form, the work goes on from the product.
            $before = $before instanceof Equation ? $before->left : $before;
            $this->expect($line->link !== Link::Equivalent && $before instanceof Expression && $this->same($before, $line->node), "$where is not equal to the line before");
        } else {
            $this->expect($line->link !== Link::Equal && $this->equivalent($before, $line->node), "$where has other solutions than the line before");
            // As long as an equation is only rewritten, not solved, what stands on its two sides keeps its value too.
            $this->expect($this->phase === Phase::Solving || $this->same(self::difference($before), self::difference($line->node)), "$where is not the line before, rewritten");
        }
    }

    private function before(Line $line): ?Node
    {
        if ($line->branch === null) {
            return $this->last;
        }
        $fork = $this->last;

        return $this->branches[$line->branch]
            ?? ($fork instanceof Alternatives ? ($fork->equations[(int) $line->branch - 1] ?? null) : null);
    }

    /** A coefficient named by a letter: the value has to make the form the same as the product. */
    private function judgeImplied(Line $line, string $where): void
    {
        $node = $line->node;
        $values = $this->demonstration->answer->letters;
        $named = $node instanceof Equation && $node->left instanceof Letter ? ($values[$node->left->name] ?? null) : null;
        $this->expect($named !== null && $node instanceof Equation && $this->same($named, $node->right), "$where is not the value found");
    }

    private function judgeQuestion(Step $step): void
    {
        $question = $step->question;
        if ($question === null) {
            return;
        }
        foreach ($question->accepted as $accepted) {
            // One place where they differ is enough; only where they agree there is a closer look needed.
            $values = $this->points->one();
            $value = $question->likelyWrong === [] ? null : $accepted->valueAt($values);
            foreach ($question->likelyWrong as $wrong) {
                $this->expect($value?->equals($wrong->answer->valueAt($values)) !== true || !$this->same($accepted, $wrong->answer), "$step->id: a right answer is called {$wrong->slip->value}");
            }
        }
    }

    private function judgeChecks(): void
    {
        $this->expect($this->demonstration->checks !== [], 'there is no check');
        foreach ($this->demonstration->checks as $check) {
            $where = "check {$check->kind->value}";
            foreach ($check->lines as $line) {
                $this->expect($line->link === Link::Side && $line->node instanceof Equation, "$where: a line is no side work")
                    && $this->expectTrue($line->node, $where);
            }
            foreach ($check->figure?->claims() ?? [] as $claim) {
                $this->expectTrue($claim, "$where: figure");
            }
            $this->expect($check->holds, "$where does not hold");
        }
    }

    private function judgeAnswer(): void
    {
        $answer = $this->demonstration->answer;
        $given = $this->demonstration->problem->node;
        if ($answer->type === AnswerType::Expression) {
            $asked = match (true) {
                !$given instanceof Equation => $given,
                $this->demonstration->job === Job::Multiply => $given->left,
                default => Sum::of([$given->left, new Negative($given->right)]),
            };
            $this->expect($answer->node instanceof Expression && $this->same($asked, $answer->node), 'the answer is not equal to the problem');
        }
        if ($answer->letters !== [] && $given instanceof Equation) {
            $this->judgeNamed($given);
        }
        if ($answer->type === AnswerType::Solutions) {
            $said = $answer->node instanceof Alternatives ? $answer->node->equations : [$answer->node];
            $this->expect($this->equivalent($given, $answer->node) && \count($said) === \count($answer->solutions), 'the answer has other solutions than the problem');
        }
        foreach ($answer->solutions as $solution) {
            $this->expect($given instanceof Equation && $this->solves($given, $solution), Ascii::write($solution) . ' does not solve the problem');
        }
    }

    private function judgeNamed(Equation $given): void
    {
        $named = array_map(static fn(Expression $value): Rational => $value->valueAt([]), $this->demonstration->answer->letters);
        foreach ($this->points->forDegree(Points::degree($given)) as $values) {
            $this->expect($given->left->valueAt($named + $values)->equals($given->right->valueAt($named + $values)), 'the named coefficients do not give the product');
        }
    }

    private function solves(Equation $equation, Expression $solution): bool
    {
        $letter = $this->demonstration->problem->letter();
        if ($letter === null) {
            return false;
        }
        $values = [$letter => $solution->valueAt([])];

        return $equation->left->valueAt($values)->equals($equation->right->valueAt($values));
    }

    private function expectTrue(Node $node, string $where): bool
    {
        return $this->expect($node instanceof Equation && $this->placesFall($node) && $this->same($node->left, $node->right), "$where is not true");
    }

    /** Whether two expressions have the same value everywhere. */
    private function same(Expression $first, Expression $second): bool
    {
        $compared = 0;
        $zero = true;
        foreach ($this->points->toCompare($first, $second) as $values) {
            try {
                $value = $first->valueAt($values);
                if (!$value->equals($second->valueAt($values))) {
                    return false;
                }
                $zero = $zero && $value->isZero();
                ++$compared;
            } catch (DivisionByZero) {
                continue;
            } catch (NoExactValue) {
                return false;
            }
        }

        // What is 0 everywhere says nothing by its value: then the powers written have to agree.
        return $compared > 0 && (!$zero || \in_array(0, [Points::degree($first), Points::degree($second)], true) || Points::degree($first) === Points::degree($second));
    }

    /** Whether every sum with a 0 for a missing power names each power once, falling. */
    private function placesFall(Node $node): bool
    {
        if ($node instanceof Letter || $node instanceof Numeral) {
            return true;
        }
        $placeholder = false;
        foreach ($node instanceof Sum ? $node->terms : [] as $term) {
            $placeholder = $placeholder || self::isPlaceholder($term);
        }
        if ($placeholder) {
            $degrees = array_map(Points::degree(...), $node->children());
            $falling = $degrees;
            rsort($falling);

            return $degrees === $falling && \count(array_unique($degrees)) === \count($degrees);
        }
        foreach ($node->children() as $child) {
            if (!$this->placesFall($child)) {
                return false;
            }
        }

        return true;
    }

    private static function isPlaceholder(Expression $term): bool
    {
        return match (true) {
            $term instanceof Marked => self::isPlaceholder($term->content),
            $term instanceof Product => !$term->apart && Points::degree($term) > 0 && $term->factors[0] instanceof Numeral && $term->factors[0]->value->isZero(),
            default => false,
        };
    }

    /**
     * Whether two lines have the same solutions: what is left when each is brought to one side is the
     * same but for a constant factor, or one is the square of the other (a double solution said once).
     */
    private function equivalent(Node $first, Node $second): bool
    {
        $points = $this->points->forDegree(2 * max(Points::degree($first), Points::degree($second)));
        $before = $this->profile($first, $points);
        $after = $this->profile($second, $points);

        return self::proportional($before, $after)
            || self::proportional($before, array_map(static fn(Rational $value): Rational => $value->times($value), $after));
    }

    /**
     * The value of left side minus right side at each point; of alternatives, the product of theirs.
     *
     * @param list<array<string, Rational>> $points
     *
     * @return list<Rational>
     */
    private function profile(Node $node, array $points): array
    {
        if ($node instanceof Alternatives) {
            $profiles = array_map(fn(Equation $equation): array => $this->profile($equation, $points), $node->equations);

            return array_map(
                static fn(int $place): Rational => array_reduce($profiles, static fn(Rational $product, array $profile): Rational => $product->times($profile[$place]), Rational::one()),
                array_keys($points),
            );
        }
        $difference = self::difference($node);

        return array_map(static fn(array $values): Rational => $difference->valueAt($values), $points);
    }

    /** Left side minus right side. */
    private static function difference(Node $node): Expression
    {
        $difference = $node instanceof Equation ? Sum::of([$node->left, new Negative($node->right)]) : $node;

        return $difference instanceof Expression ? $difference : throw new \LogicException('Alternatives have no one difference.');
    }

    /**
     * @param list<Rational> $first
     * @param list<Rational> $second
     */
    private static function proportional(array $first, array $second): bool
    {
        $anchor = null;
        foreach ($first as $place => $value) {
            if ($value->isZero() !== $second[$place]->isZero()) {
                return false;
            }
            $anchor ??= $value->isZero() ? null : $place;
        }
        if ($anchor === null) {
            return false;
        }
        foreach ($first as $place => $value) {
            if (!$value->times($second[$anchor])->equals($second[$place]->times($first[$anchor]))) {
                return false;
            }
        }

        return true;
    }

    private function expect(bool $holds, string $fault): bool
    {
        if (!$holds) {
            $this->faults[] = $fault;
        }

        return $holds;
    }
}
