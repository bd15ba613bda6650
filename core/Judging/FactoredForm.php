<?php

declare(strict_types=1);

namespace Runel\Judging;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;

/** An answer that has the right value, looked at as a product. */
final readonly class FactoredForm
{
    /** Whether the answer has the accepted one's factors, in any order, every one of them without common factor. */
    public static function verdict(Expression $accepted, Expression $answer): Verdict
    {
        $wanted = self::factors($accepted);
        $given = self::factors($answer);
        if (\count($given) < \count($wanted)) {
            return Verdict::wrong(Message::of('judge.form-factored'), Slip::NotFactoredCompletely);
        }
        sort($wanted);
        sort($given);
        if ($wanted !== $given) {
            return Verdict::wrong(Message::of('judge.form-factored'), Slip::NotFactoredCompletely);
        }
        $whole = Form::isWhole($accepted);
        // Where the accepted one keeps a common factor in a bracket, the answer may as well.
        $leaves = self::hidesCommonFactor($accepted);
        foreach (FactorsOf::expression($answer) as $factor) {
            $polynomial = Polynomial::fromExpression($factor);
            if ($whole && \count($polynomial->terms) > 1 && $polynomial->hasFractions()) {
                return Verdict::wrong(Message::of('judge.form-integers'), Slip::NotFactoredCompletely);
            }
            if ($whole && !$leaves && self::hidesCommonFactor($factor)) {
                return Verdict::wrong(Message::of('judge.form-content', [
                    'factor' => $factor,
                    'content' => Numeral::of($polynomial->content()),
                ]), Slip::NotFactoredCompletely);
            }
        }

        return Verdict::right();
    }

    /** Whether a factor of several terms could have a number taken out. */
    private static function hidesCommonFactor(Expression $product): bool
    {
        return array_filter(FactorsOf::expression($product), static function (Expression $factor): bool {
            $polynomial = Polynomial::fromExpression($factor);

            return \count($polynomial->terms) > 1 && !$polynomial->content()->isOne();
        }) !== [];
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
}
