<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Style\Moving;

/** What is said where the terms with the letter are gathered on the left and the number on the right. */
final class Gathering
{
    /** @param Polynomial $moved what leaves the left side; 0 where nothing crosses */
    public static function why(Polynomial $moved, Moving $moving): Message
    {
        if ($moved->isZero()) {
            return Message::of('quadratic.gather.why-tidied');
        }
        $number = $moved->isConstant() ? $moved->terms[0]->coefficient : null;
        if ($moving === Moving::Across) {
            return $number === null
                ? Message::of('quadratic.gather.why-across')
                : Message::of('quadratic.gather.why-across-number', [
                    'number' => Numeral::of($number),
                    'turned' => Numeral::of($number->negated()),
                ]);
        }

        return match (true) {
            $number === null => Message::of('quadratic.gather.why'),
            $number->isNegative() => Message::of('quadratic.gather.why-added', [
                'size' => Numeral::of($number->negated()),
            ]),
            default => Message::of('quadratic.gather.why-subtracted', ['size' => Numeral::of($number)]),
        };
    }
}
