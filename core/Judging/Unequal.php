<?php

declare(strict_types=1);

namespace Runel\Judging;

use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Numeral;
use Runel\Expression\Rewriter;
use Runel\Message\Message;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Surd;

/** An answer that is not equal to the accepted one, and a place where it shows. */
final readonly class Unequal
{
    /** Where a difference is shown, the first that tells the two apart. */
    private const PLACES = [2, 3, 1, 5, -1, 10, 4, 9, 8];

    /** @param Expression|null $asked what the question is about, where it is about an expression */
    public static function shown(Expression $given, Expression $accepted, ?Expression $asked): Verdict
    {
        $letters = array_keys(Indeterminates::of($given) + Indeterminates::of($accepted));
        if ($letters === []) {
            return Verdict::wrong($asked === null
                ? Message::of('judge.other-number', ['given' => $given])
                : Message::of('judge.other-value', ['given' => $given, 'asked' => Rewriter::unmarked($asked)]));
        }
        foreach (self::PLACES as $place) {
            $there = Evaluation::at(new Surds(), array_fill_keys($letters, Surd::rational($place)));
            try {
                $mine = $there->of($given)->toRational();
                $right = $there->of($accepted)->toRational();
            } catch (DivisionByZero | NoExactValue) {
                continue;
            }
            if ($mine !== null && $right !== null && !$mine->equals($right)) {
                return Verdict::wrong(Message::of(\count($letters) === 1 ? 'judge.differs' : 'judge.differs-letters', [
                    'letter' => $letters[0],
                    'place' => $place,
                    'given' => Numeral::of($mine),
                    'right' => Numeral::of($right),
                ]));
            }
        }

        return Verdict::wrong(Message::of('judge.not-comparable'));
    }
}
