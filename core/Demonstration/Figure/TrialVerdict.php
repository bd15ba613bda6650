<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/** What became of one arrangement that was tried. */
enum TrialVerdict: string
{
    case Fits = 'fits';
    /** the right size with the wrong sign: exchanging the signs makes it fit */
    case Repaired = 'repaired';
    /** the size would fit, but only with signs that give another last term */
    case Signs = 'signs';
    case Misses = 'misses';
    /** a bracket with a common factor, which the trinomial does not have */
    case Shares = 'shares';

    /** Whether the hunt is over. */
    public function ends(): bool
    {
        return $this === self::Fits || $this === self::Repaired;
    }
}
