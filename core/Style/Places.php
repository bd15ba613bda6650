<?php

declare(strict_types=1);

namespace Runel\Style;

/** To how many places decimals are given, or to how many significant figures. The first is the default. */
enum Places: string
{
    case Two = '2';
    case One = '1';
    case Three = '3';
    case Four = '4';
    case Five = '5';
    case Six = '6';
    case None = '0';
    case OneFigure = '1sf';
    case TwoFigures = '2sf';
    case ThreeFigures = '3sf';
    case FourFigures = '4sf';
    case FiveFigures = '5sf';
    case SixFigures = '6sf';

    /** The nearest there is to what is asked. */
    public static function nearest(int $count, bool $isSignificant): self
    {
        return $isSignificant
            ? self::from(max(1, min(6, $count)) . 'sf')
            : self::from((string) max(0, min(6, $count)));
    }

    public function count(): int
    {
        return (int) $this->value;
    }

    public function isSignificant(): bool
    {
        return str_ends_with($this->value, 'sf');
    }
}
