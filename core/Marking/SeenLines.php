<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Judging\FactorsOf;
use Runel\Proof\Proof;
use Runel\Slip\FactoringRule;
use Runel\Slip\Rule\FormulaRule;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** A line and the one before it, looked at for what tells that some slips were not made. */
final readonly class SeenLines
{
    /** What can be done nearly everywhere, so that it comes to a line by accident. */
    private const EVERYWHERE = [
        Slip::SignNotTurned, Slip::SignsIgnored, Slip::LargerSignLost, Slip::TermMissed, Slip::UnlikeTermsCollected,
    ];

    private function __construct(
        private Node $after,
        private bool $isSkipped,
        private bool $keepsSide,
        private bool $isProduct,
        private bool $isRooted,
        private bool $isSquared,
        private bool $isZeroProduct,
    ) {}

    /** @param bool $isSkipped whether the line before is one of ours that was not written */
    public static function of(Proof $proof, Node $before, Node $after, bool $isSkipped): self
    {
        return new self(
            $after,
            $isSkipped,
            $before instanceof Equation && $after instanceof Equation
                && ($proof->same($before->left, $after->left) || $proof->same($before->right, $after->right)),
            self::isProduct($after instanceof Equation ? $after->left : $after),
            Inside::holds($after, Root::class) && !Inside::holds($before, Root::class),
            self::holdsSquare($after) && !self::holdsSquare($before),
            $before instanceof Equation
                && ((self::isProduct($before->left) && $before->right->isZero())
                    || (self::isProduct($before->right) && $before->left->isZero())),
        );
    }

    /** Whether the lines show that the slip was not made, whatever comes of it. */
    public function ruleOut(WrongRule $rule): bool
    {
        return match ($rule->slip()) {
            Slip::LetterDropped => $this->isProduct || WrittenLine::isValue($this->after),
            // A term that changes sides changes both of them; under a root that is new nothing has changed sides.
            Slip::SignNotTurned => $this->keepsSide || $this->isRooted || $this->isSquared,
            // A square that is new was completed, and so was what stands in it.
            Slip::MiddleSignLost, Slip::HalfNotTaken => !$this->isSquared,
            Slip::MinusOneTwice => self::minuses($this->after) < 2,
            default => false,
        } || match (true) {
            $rule instanceof FactoringRule => !$this->isProduct || $this->isCompleted(),
            // Values alone, or brackets, do not say that they come from the formula.
            $rule instanceof FormulaRule => !Inside::holds($this->after, Root::class)
                && !Inside::holds($this->after, Quotient::class),
            default => false,
        };
    }

    /** Whether values may have been read off a product that is 0. */
    public function isReadOff(): bool
    {
        return $this->isZeroProduct && $this->after instanceof Equation;
    }

    /** Whether values were not come by through multiplying out: only what is written so is the same. */
    public function isExactOnly(): bool
    {
        return ($this->isZeroProduct || ($this->isSkipped && $this->after instanceof Alternatives))
            && WrittenLine::isValue($this->after);
    }

    /** Whether much else comes to the same: through lines that were skipped, or with other terms on both sides. */
    public function isVague(WrongRule $rule): bool
    {
        return !WrittenLine::isSolved($this->after)
            || ($this->isSkipped && \in_array($rule->slip(), self::EVERYWHERE, true));
    }

    private function isCompleted(): bool
    {
        return $this->isSquared && $this->after instanceof Equation && !$this->after->right->isZero();
    }

    private static function isProduct(Node $node): bool
    {
        $bare = $node instanceof Expression ? $node->bare() : $node;

        return $bare instanceof Expression && \count(FactorsOf::expression($bare)) > 1
            && Inside::holds($bare, Sum::class);
    }

    /** Whether the square of a sum stands in it. */
    private static function holdsSquare(Node $node): bool
    {
        return Inside::some($node, static fn(Node $part): bool => $part instanceof Power && $part->base instanceof Sum);
    }

    /** How many factors begin with a minus. */
    private static function minuses(Node $node): int
    {
        return \count(array_filter(
            $node instanceof Expression ? FactorsOf::expression($node) : [],
            static fn(Expression $factor): bool => $factor instanceof Sum && $factor->terms[0] instanceof Negative,
        ));
    }
}
