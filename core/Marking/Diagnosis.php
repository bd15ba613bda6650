<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Judging\Form;
use Runel\Message\Message;
use Runel\Message\TooLarge;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Proof\Proof;
use Runel\Slip\Slip;
use Runel\Slip\WrongRules;

/** Why a line does not follow: a slip that leads to it when it is done on purpose, or one number that is off. */
final readonly class Diagnosis
{
    /** So many outcomes of wrong rules are looked at. */
    private const MOST = 400;
    /** Values longer than this together tell nobody anything. */
    private const DIGITS = 24;
    private const PLACES = [2, 3, 1, 5, -1, 10];

    public function __construct(private Proof $proof) {}

    /** @param non-empty-list<Node> $before the line before; then lines that follow from it and may have been skipped */
    public function slip(array $before, Node $after): ?Slip
    {
        $looked = 0;
        foreach ($before as $place => $line) {
            foreach (WrongRules::all() as $rule) {
                foreach ($rule->wrong($line) as $wrong) {
                    if (++$looked > self::MOST) {
                        return null;
                    }
                    if ($this->isSame($wrong, $after)) {
                        return $rule->slip();
                    }
                }
            }
            $off = $place === 0 ? $this->offByOne($line, $after) : null;
            if ($off !== null) {
                return self::ofFactors($off[0], $after) ?? Slip::Arithmetic;
            }
        }

        return null;
    }

    /** Two brackets whose product is right but for one term: the pair has the wrong sum, or the wrong product. */
    private static function ofFactors(Term $given, Node $after): ?Slip
    {
        return match (true) {
            !$after instanceof Product => null,
            $given->monomial->degree === 1 => Slip::RightProductWrongSum,
            $given->monomial->degree === 0 => Slip::RightSumWrongProduct,
            default => null,
        };
    }

    /** What is said of the one number that is off. */
    public function number(Node $before, Node $after): ?Message
    {
        $off = $this->offByOne($before, $after);

        // A line not multiplied out does not show the term it is judged by.
        $isShown = $after instanceof Expression && Form::isCollected($after);

        return $off === null ? null : Message::of($isShown ? 'marking.number' : 'marking.number-multiplied-out', [
            'given' => $off[0]->toExpression(),
            'right' => $off[1]->toExpression(),
        ]);
    }

    /** A place at which the two tell themselves apart; null where none of a few does. */
    public function difference(Node $before, Node $after): ?Difference
    {
        [$one, $other] = [self::worth($before), self::worth($after)];
        if ($one === null || $other === null) {
            return null;
        }
        $letters = array_keys(Letters::of($one) + Letters::of($other));
        foreach (self::PLACES as $place) {
            $at = array_fill_keys($letters, Rational::of($place));
            try {
                $values = [Evaluation::rational($one, $at), Evaluation::rational($other, $at)];
            } catch (DivisionByZero | NoExactValue) {
                continue;
            }
            $isShort = \strlen("$values[0]$values[1]") <= self::DIGITS;
            if ($isShort && !$values[0]->equals($values[1])) {
                return new Difference($at, ...$values);
            }
        }

        return null;
    }

    private function isSame(Node $wrong, Node $after): bool
    {
        try {
            return match (true) {
                $wrong instanceof Expression && $after instanceof Expression => $this->proof->same($wrong, $after),
                $wrong instanceof Expression || $after instanceof Expression => false,
                default => $this->proof->follows($wrong, $after)->keepsSolutions(),
            };
        } catch (TooLarge) {
            return false;
        }
    }

    /** @return array{Term, Term}|null the only term in which two expressions differ: as written, and as it should be */
    private function offByOne(Node $before, Node $after): ?array
    {
        if (!$before instanceof Expression || !$after instanceof Expression) {
            return null;
        }
        try {
            [$right, $given] = [Polynomial::fromExpression($before), Polynomial::fromExpression($after)];
        } catch (NotPolynomial | DivisionByZero | TooLarge) {
            return null;
        }
        $difference = $given->minus($right);
        if (\count($difference->terms) !== 1) {
            return null;
        }
        $key = $difference->terms[0]->monomial->key;
        $of = static fn(Polynomial $side): Term => array_values(array_filter(
            $side->terms,
            static fn(Term $term): bool => $term->monomial->key === $key,
        ))[0] ?? new Term(Rational::zero(), $difference->terms[0]->monomial);

        return [$of($given), $of($right)];
    }

    /** What a line comes to at a place: an expression its value, an equation left side minus right side. */
    private static function worth(Node $node): ?Expression
    {
        return match (true) {
            $node instanceof Equation => Sum::of([$node->left, new Negative($node->right)]),
            $node instanceof Expression => $node,
            default => null,
        };
    }
}
