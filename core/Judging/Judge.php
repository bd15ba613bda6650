<?php

declare(strict_types=1);

namespace Runel\Judging;

use Runel\Demonstration\AnswerKind;
use Runel\Demonstration\Question;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Parsing\Parser;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/**
 * Judges an answer as mathematics: order, spacing and equal fractions do not matter, unless the
 * form is the point of the question. A wrong answer is met with what probably happened.
 */
final class Judge
{
    /** Where a difference is shown, the first that tells the two apart. */
    private const PLACES = [2, 3, 1, 5, -1, 10];

    /** @param string $typed the answer as typed; for a pair, two with a comma, a semicolon or "and" between them */
    public static function verdict(Question $question, string $typed): Verdict
    {
        $parts = $question->kind === AnswerKind::Pair ? (preg_split(
            '/\s*(?:[,;]|\band\b)\s*/',
            trim($typed),
        ) ?: []) : [$typed];
        if ($question->kind === AnswerKind::Pair && \count($parts) !== 2) {
            return Verdict::wrong(Message::of('judge.two-wanted'));
        }
        $answers = [];
        try {
            foreach ($parts as $part) {
                $node = Parser::parse($part)->node;
                $answers[] = $node instanceof Equation ? $node->right : $node;
            }
        } catch (Refusal $refusal) {
            return Verdict::wrong(
                Message::of('judge.unreadable', ['reason' => $refusal->reason, 'at' => $refusal->at ?? 1]),
            );
        }
        try {
            return $question->kind === AnswerKind::Pair
                ? self::pair($question, $answers)
                : self::single($question, $answers[0]);
        } catch (NotPolynomial | DivisionByZero | Refusal) {
            return Verdict::wrong(Message::of('judge.not-comparable'));
        }
    }

    private static function single(Question $question, Expression $answer): Verdict
    {
        $given = Polynomial::fromExpression($answer);
        foreach ($question->accepted as $accepted) {
            if ($given->equals(Polynomial::fromExpression($accepted))) {
                return $question->formMatters ? self::form($accepted, $answer) : Verdict::right();
            }
        }
        foreach ($question->likelyWrong as $wrong) {
            if ($given->equals(Polynomial::fromExpression($wrong->answer))) {
                return Verdict::wrong(Message::of('judge.slip', ['slip' => Message::of(
                    "slip.{$wrong->slip->value}.diagnosis",
                )]), $wrong->slip);
            }
        }

        return self::different($given, Polynomial::fromExpression($question->accepted[0]));
    }

    /** The value is right; it also has to be written as asked. */
    private static function form(Expression $accepted, Expression $answer): Verdict
    {
        if ($accepted instanceof Product && self::holdsSum($accepted)) {
            return self::isFactored($accepted, $answer) ? Verdict::right() : Verdict::wrong(
                Message::of('judge.form-factored'),
            );
        }
        $terms = $answer instanceof Sum ? $answer->terms : [$answer];
        $wanted = \count(Polynomial::fromExpression($accepted)->terms);
        if (\count($terms) !== max(1, $wanted) || array_filter($terms, self::holdsSum(...)) !== []) {
            return Verdict::wrong(Message::of('judge.form-collected'));
        }

        return Verdict::right();
    }

    /**
     * Whether an answer has the same bracket factors as the accepted one, in any order and up to constant factors
     * between them.
     */
    private static function isFactored(Expression $accepted, Expression $answer): bool
    {
        $wanted = self::factors($accepted);
        $given = self::factors($answer);
        sort($wanted);
        sort($given);

        return $wanted === $given;
    }

    /**
     * @return list<string> the factors that hold a letter, each with its leading coefficient made 1, as keys to compare
     */
    private static function factors(Expression $expression): array
    {
        $keys = [];
        foreach (FactorsOf::expression($expression) as $factor) {
            $polynomial = Polynomial::fromExpression($factor);
            if ($polynomial->degree() > 0) {
                $monic = $polynomial->scaledBy($polynomial->terms[0]->coefficient->reciprocal());
                $keys[] = implode('|', array_map(
                    static fn(Term $term): string => $term->coefficient . $term->monomial->key,
                    $monic->terms,
                ));
            }
        }

        return $keys;
    }

    /** @param list<Expression> $answers two */
    private static function pair(Question $question, array $answers): Verdict
    {
        [$first, $second] = array_map(Polynomial::fromExpression(...), $answers);
        [$left, $right] = array_map(Polynomial::fromExpression(...), $question->accepted);
        if (($first->equals($left) && $second->equals($right)) || ($first->equals($right) && $second->equals($left))) {
            return Verdict::right();
        }
        $slip = PairSlip::of([$first, $second], [$left, $right]);

        return $slip === null
            ? Verdict::wrong(Message::of('judge.pair'))
            : Verdict::wrong(Message::of('judge.slip', ['slip' => Message::of(
                "slip.{$slip->value}.diagnosis",
            )]), $slip);
    }

    /** Not equal, and a place where it shows. */
    private static function different(Polynomial $given, Polynomial $accepted): Verdict
    {
        $letters = array_values(array_unique([...$given->letters(), ...$accepted->letters()]));
        foreach (self::PLACES as $place) {
            $values = array_fill_keys($letters, Rational::of($place));
            $mine = Evaluation::rational($given->toExpression(), $values);
            $right = Evaluation::rational($accepted->toExpression(), $values);
            if (!$mine->equals($right)) {
                $key = ['judge.other-number', 'judge.differs'][\count($letters)] ?? 'judge.differs-letters';

                return Verdict::wrong(Message::of($key, [
                    'letter' => $letters[0] ?? '',
                    'place' => $place,
                    'given' => Numeral::of($mine),
                    'right' => Numeral::of($right),
                ]));
            }
        }

        return Verdict::wrong(Message::of('judge.not-comparable'));
    }

    private static function holdsSum(Expression $expression): bool
    {
        return $expression instanceof Sum || array_filter(
            $expression->children(),
            static fn($child): bool => $child instanceof Expression && self::holdsSum($child),
        ) !== [];
    }
}
