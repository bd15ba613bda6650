<?php

declare(strict_types=1);

namespace Runel\Proof;

/** How one line follows from another. */
enum Entailment: string
{
    /** the same value, on every side */
    case Same = 'same';
    /** the same solutions */
    case Equivalent = 'equivalent';
    /** every solution is kept, others may join */
    case Implies = 'implies';
    case Unrelated = 'unrelated';
    /** neither proved nor refuted: as good as unrelated to whoever wants a proof */
    case Undecided = 'undecided';

    /** Whether solving can go on from it without losing or gaining a solution. */
    public function keepsSolutions(): bool
    {
        return $this === self::Same || $this === self::Equivalent;
    }
}
