<?php

declare(strict_types=1);

namespace Runel\Judging;

use Runel\Demonstration\AnswerKind;
use Runel\Demonstration\Question;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\RootIndex;
use Runel\Expression\Sum;
use Runel\Law\Claim\Solves;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Notation\Ascii;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Parsing\Parser;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Proof\Proof;
use Runel\Slip\FactoringRule;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;
use Runel\Slip\WrongRules;

/**
 * Judges an answer as mathematics: order, spacing and equal fractions do not matter, unless the form is the point of
 * the question. Typing the question back is no answer. A wrong answer is met with what probably happened.
 */
final readonly class Judge
{
    /** @param list<WrongRule> $rules */
    private function __construct(private Question $question, private array $rules) {}

    /**
     * @param string          $typed as typed; several values with a comma, a semicolon, "and" or "or" between them
     * @param list<WrongRule> $rules how people slip in the job that asks
     */
    public static function verdict(Question $question, string $typed, array $rules): Verdict
    {
        return (new self($question, $rules))->judged($typed);
    }

    private function judged(string $typed): Verdict
    {
        $several = \in_array($this->question->kind, [AnswerKind::Pair, AnswerKind::Solutions], true);
        $bare = trim($typed);
        if ($several && preg_match('/^(?|\((.*,.*)\)|\{(.*)\})$/su', $bare, $inside) === 1) {
            $bare = $inside[1];
        }
        $parts = $several ? Values::apart($bare) : [$typed];
        if ($this->question->kind === AnswerKind::Solutions) {
            $parts = array_merge(...array_map(self::bothSigns(...), $parts));
        }
        if ($this->question->kind === AnswerKind::Pair && \count($parts) !== 2) {
            return Verdict::wrong(Message::of('judge.two-wanted'));
        }
        try {
            $answers = array_map(static fn(string $part): Node => Parser::parse($part)->node, $parts);
        } catch (Refusal $refusal) {
            return Verdict::wrong(
                Message::of('judge.unreadable', ['reason' => $refusal->reason, 'at' => $refusal->at ?? 1]),
            );
        }
        try {
            return $this->strange($answers) ?? match ($this->question->kind) {
                AnswerKind::Pair => $this->pair(array_map($this->value(...), $answers)),
                AnswerKind::Solutions => $this->solutions(array_map($this->value(...), $answers)),
                AnswerKind::Common => $this->common($this->value($answers[0])),
                AnswerKind::Equation => $this->equation($answers[0]),
                default => $this->single($answers[0]),
            };
        } catch (NotPolynomial | DivisionByZero | NoExactValue | Refusal) {
            return Verdict::wrong(Message::of('judge.not-comparable'));
        }
    }

    /** @return non-empty-list<string> of what is typed with ±, what it says with a plus and with a minus */
    private static function bothSigns(string $part): array
    {
        if (mb_substr_count($part, '±') !== 1) {
            return [$part];
        }
        // A plus that stands first is left out.
        $plus = preg_replace(['/(^|[=(])\s*±/u', '/±/u'], ['$1', '+'], $part);

        return [(string) $plus, str_replace('±', '-', $part)];
    }

    /**
     * A letter that has nothing to do with the question.
     *
     * @param list<Node> $answers
     */
    private function strange(array $answers): ?Verdict
    {
        $known = [];
        foreach ($this->question->claims as $claim) {
            foreach ($claim->nodes() as $node) {
                $known += Letters::of($node);
            }
        }
        if ($this->question->letter !== null) {
            $known[$this->question->letter] = true;
        }
        foreach ($answers as $answer) {
            foreach (array_keys(Letters::of($answer)) as $letter) {
                if (!isset($known[$letter])) {
                    return Verdict::wrong($known === [] ? Message::of(
                        'judge.no-letter',
                        ['letter' => $letter],
                    ) : Message::of(
                        'judge.other-letter',
                        ['letter' => $letter, 'known' => implode(', ', array_keys($known))],
                    ));
                }
            }
        }

        return null;
    }

    /** What is answered: of x = 3 the 3, of "3 · 4 = 12" the 12. */
    private function value(Node $answer): Expression
    {
        return match (true) {
            $answer instanceof Equation => $answer->right,
            $answer instanceof Expression => $answer,
            default => throw new NotPolynomial('alternatives'),
        };
    }

    private function single(Node $typed): Verdict
    {
        $answer = $typed instanceof Equation ? $this->side($typed) : $this->value($typed);
        if ($answer === null) {
            return Verdict::wrong(Message::of('judge.no-equation'));
        }
        $asked = $this->question->asked();
        if (
            $asked !== null
            && !\in_array(Ascii::write($answer), array_map(Ascii::write(...), $this->question->accepted), true)
            && $answer->equals(Rewriter::unmarked($asked))
        ) {
            return Verdict::wrong(Message::of('judge.question-back'));
        }
        $right = $this->question->accepted[0];
        if ($right instanceof Expression && Form::isBeyondPolynomials($right)) {
            return $this->divided($right, $answer);
        }
        if ($right instanceof Expression && self::isNumberWithRoots($right, $answer)) {
            return $this->rooted($right, $answer);
        }
        $given = Polynomial::fromExpression($answer);
        $equal = array_filter(
            $this->question->accepted,
            static fn(Node $accepted): bool => $accepted instanceof Expression
                && $given->equals(Polynomial::fromExpression($accepted)),
        );
        foreach ($equal as $accepted) {
            if ($accepted instanceof Expression) {
                return $this->form($accepted, $answer);
            }
        }
        $solved = $this->question->claims[0] instanceof Solves ? $this->question->claims[0]->letter : null;
        $slip = $this->slip(static fn(Node $wrong, bool $isFactored): bool => $wrong instanceof Expression
            ? (!$isFactored || FactorsOf::expression($answer) !== [$answer])
                && Polynomial::tryFrom($wrong)?->equals($given) === true
            : $wrong instanceof Equation && $solved !== null
                && (new Proof())->holds(new Solves($wrong, $solved, $answer)));

        return $slip ?? $this->differs(
            $given->toExpression(),
            $right instanceof Expression ? Polynomial::fromExpression($right)->toExpression() : $answer,
        );
    }

    /** Quotient plus remainder over divisor: equal is not enough, what goes in has to be divided out. */
    private function divided(Expression $accepted, Expression $answer): Verdict
    {
        $proof = new Proof(null, RootIndex::of(Sum::of([$accepted, $answer])));
        if ($proof->same($accepted, $answer)) {
            if (Form::hidesPowers($answer) && !Form::hidesPowers($accepted)) {
                return Verdict::wrong(Message::of('judge.form-root'));
            }

            return Form::isDividedOut($answer) || !Form::isDividedOut($accepted)
                ? Verdict::right()
                : Verdict::wrong(Message::of('judge.form-divided'));
        }
        $slip = $this->slip(
            static fn(Node $wrong): bool => $wrong instanceof Expression && $proof->same($wrong, $answer),
        );

        return $slip ?? $this->differs($answer, $accepted);
    }

    /** √12 is 2√3, and 0.5 is 1/2. */
    private static function isSameValue(Expression $one, Expression $other): bool
    {
        return self::isNumberWithRoots($one, $other)
            ? (new Proof())->same($one, $other)
            : Polynomial::fromExpression($one)->equals(Polynomial::fromExpression($other));
    }

    private static function isNumberWithRoots(Expression $accepted, Expression $answer): bool
    {
        return Indeterminates::of($accepted) === [] && Indeterminates::of($answer) === []
            && (Inside::holds($accepted, Root::class) || Inside::holds($answer, Root::class));
    }

    /** A number with roots: its value is proved, however written; where the accepted one is simple, so has it to be. */
    private function rooted(Expression $accepted, Expression $answer): Verdict
    {
        $proof = new Proof();
        if (!$proof->same($accepted, $answer)) {
            return $this->slip(
                static fn(Node $wrong): bool => $wrong instanceof Expression && $proof->same($wrong, $answer),
            ) ?? $this->differs($answer, $accepted);
        }
        $hasLikeTerms = static fn(Expression $number): bool
            => \count($number->terms()) > max(1, \count(Polynomial::tryFrom($number)->terms ?? []));

        return match (true) {
            Form::hasSimpleRoots($accepted) && !Form::hasSimpleRoots($answer) => Verdict::wrong(
                Message::of('judge.form-root'),
            ),
            $hasLikeTerms($answer) && !$hasLikeTerms($accepted) => Verdict::wrong(
                Message::of('judge.form-collected'),
            ),
            !Form::isReduced($answer) && Form::isReduced($accepted) => Verdict::wrong(
                Message::of('judge.form-reduce'),
            ),
            default => Verdict::right(),
        };
    }

    /** The side of a typed equation that answers: of "(x − 2)(x + 3) = 0" the left one; null where none does. */
    private function side(Equation $typed): ?Expression
    {
        if ($typed->right instanceof Numeral && $typed->right->value->isZero() && !$typed->left instanceof Letter) {
            return $typed->left;
        }
        $asked = $this->question->asked();
        $left = Polynomial::fromExpression($typed->left);
        $asks = $typed->left instanceof Letter
            || ($asked !== null && $left->equals(Polynomial::fromExpression(Rewriter::unmarked($asked))));

        return $asks ? $typed->right : null;
    }

    /** The value is right; what was asked may be about how it is written, and it has to be worked out. */
    private function form(Expression $accepted, Expression $answer): Verdict
    {
        $isProduct = $accepted instanceof Product && Inside::holds($accepted, Sum::class);
        if ($isProduct || !Form::isCollected(Rewriter::unmarked($accepted))) {
            return FactoredForm::verdict($accepted, $answer);
        }
        if (Form::isCollected($answer)) {
            return Verdict::right();
        }
        if (!Form::isReduced($answer)) {
            return Verdict::wrong(Message::of('judge.form-reduce'));
        }

        return Verdict::wrong(Message::of(
            Polynomial::fromExpression($answer)->degree() > 0 ? 'judge.form-collected' : 'judge.form-number',
        ));
    }

    /** A term that is to be taken out of all terms. */
    private function common(Expression $answer): Verdict
    {
        $given = Polynomial::fromExpression($answer);
        $accepted = $this->question->accepted[0];
        $claim = $this->question->claims[0]->nodes()[0];
        if (!$accepted instanceof Expression || !$claim instanceof Expression || \count($given->terms) !== 1) {
            return Verdict::wrong(Message::of('judge.one-term'));
        }
        $taken = $given->terms[0];
        $wanted = Polynomial::fromExpression($accepted)->terms[0];
        foreach (Polynomial::fromExpression($claim)->terms as $term) {
            $rest = $taken->monomial->over($term->monomial);
            if (
                $rest->degree > 0
                || ($wanted->coefficient->isInteger()
                    && !$term->coefficient->dividedBy($taken->coefficient)->isInteger())
            ) {
                return Verdict::wrong(Message::of('judge.not-in-every', [
                    'given' => $answer,
                    'term' => $term->toExpression(),
                ]));
            }
        }

        return $taken->coefficient->absolute()->equals($wanted->coefficient->absolute())
            && $taken->monomial->key === $wanted->monomial->key
            ? Verdict::right()
            : Verdict::wrong(Message::of('judge.more-common', ['given' => $answer]), Slip::NotFactoredCompletely);
    }

    private function equation(Node $answer): Verdict
    {
        $accepted = $this->question->accepted[0];
        if (!$answer instanceof Equation || !$accepted instanceof Equation) {
            return Verdict::wrong(Message::of('judge.equation-wanted'));
        }
        $given = self::difference($answer);
        $wanted = self::difference($accepted);
        if (self::isMultiple($given, $wanted)) {
            return $accepted->right->isZero()
                ? self::zeroed($answer)
                : self::sameLine($answer, $accepted);
        }

        $slip = $this->slip(static fn(Node $wrong): bool => $wrong instanceof Equation
            && self::isMultiple($given, self::difference($wrong)));

        return $slip ?? Verdict::wrong(Message::of('judge.other-equation'));
    }

    private static function isMultiple(Polynomial $given, Polynomial $wanted): bool
    {
        return !$given->isZero() && !$wanted->isZero() && $given->scaledBy(
            $wanted->terms[0]->coefficient->dividedBy($given->terms[0]->coefficient),
        )->equals($wanted);
    }

    /** Everything has to be on one side, collected. */
    private static function zeroed(Equation $answer): Verdict
    {
        $side = match ('0') {
            Ascii::write($answer->right) => $answer->left,
            Ascii::write($answer->left) => $answer->right,
            default => null,
        };

        return match (true) {
            $side === null => Verdict::wrong(Message::of('judge.form-zero')),
            !Form::isCollected($side) => Verdict::wrong(Message::of('judge.form-collected')),
            default => Verdict::right(),
        };
    }

    /** Both sides have to be those of the accepted line. */
    private static function sameLine(Equation $answer, Equation $accepted): Verdict
    {
        $left = Polynomial::fromExpression($accepted->left);

        return Polynomial::fromExpression($answer->left)->equals($left)
            || Polynomial::fromExpression($answer->right)->equals($left)
            ? Verdict::right()
            : Verdict::wrong(Message::of('judge.form-line'));
    }

    private static function difference(Equation $equation): Polynomial
    {
        return Polynomial::fromExpression($equation->left)->minus(Polynomial::fromExpression($equation->right));
    }

    /** @param list<Expression> $answers */
    private function solutions(array $answers): Verdict
    {
        $left = [];
        foreach ($this->question->accepted as $solution) {
            if ($solution instanceof Expression) {
                $left[] = $solution;
            }
        }
        $count = \count($left);
        foreach ($answers as $answer) {
            $place = null;
            foreach ($left as $number => $solution) {
                $place = self::isSameValue($solution, $answer) ? $number : $place;
            }
            if ($place === null) {
                $letter = (string) $this->question->letter;

                return $this->slip(static fn(Node $wrong): bool => $wrong instanceof Equation
                    && (new Proof())->holds(new Solves($wrong, $letter, $answer)))
                    ?? Verdict::wrong(Message::of('judge.no-solution', ['given' => $answer]));
            }
            unset($left[$place]);
        }
        if ($left !== []) {
            return Verdict::wrong(Message::of('judge.more-solutions', ['count' => $count]), Slip::RootLost);
        }

        return Verdict::right();
    }

    /** @param list<Expression> $answers two */
    private function pair(array $answers): Verdict
    {
        [$first, $second] = array_map(Polynomial::fromExpression(...), $answers);
        $wanted = array_values(array_filter(
            $this->question->accepted,
            static fn(Node $accepted): bool => $accepted instanceof Expression,
        ));
        [$left, $right] = array_map(Polynomial::fromExpression(...), $wanted);
        if (($first->equals($left) && $second->equals($right)) || ($first->equals($right) && $second->equals($left))) {
            return Verdict::right();
        }
        $slip = PairSlip::of([$first, $second], [$left, $right]);

        return $slip === null
            ? Verdict::wrong(Message::of('judge.pair', [
                'product' => $first->times($second)->toExpression(),
                'sum' => $first->plus($second)->toExpression(),
            ]))
            : self::said($slip, "slip.{$slip->value}.diagnosis");
    }

    /**
     * The slip that leads to what was typed when it is done on purpose to what the question is about.
     *
     * @param callable(Node, bool): bool $isMet whether an outcome is what was typed; some can only be products
     */
    private function slip(callable $isMet): ?Verdict
    {
        $counted = $this->question->counted;
        $rules = $counted === null ? $this->rules : WrongRules::counting();
        foreach ($counted === null ? $this->question->subjects() : [$counted] as $subject) {
            foreach (WrongRules::outcomes($rules, $subject) as [$rule, $wrong]) {
                try {
                    if ($isMet($wrong, $rule instanceof FactoringRule)) {
                        return self::said($rule->slip(), $rule->says());
                    }
                } catch (NotPolynomial | DivisionByZero | NoExactValue | Refusal) {
                    // What one slip leads to cannot be compared; another slip can still be the one.
                    continue;
                }
            }
        }

        return null;
    }

    private static function said(Slip $slip, string $diagnosis): Verdict
    {
        return Verdict::wrong(Message::of('judge.slip', ['slip' => Message::of($diagnosis)]), $slip);
    }

    private function differs(Expression $given, Expression $accepted): Verdict
    {
        return Unequal::shown($given, $accepted, $this->question->asked());
    }
}
