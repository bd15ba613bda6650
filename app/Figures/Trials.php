<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\ArrangementRow;
use Runel\Demonstration\Figure\PairRow;

/** What the drawings of hunts have in common. */
final class Trials
{
    /**
     * How many trials were passed over after the last one shown.
     *
     * @param list<PairRow>|list<ArrangementRow> $rows
     */
    public static function trailing(array $rows, int $passed): int
    {
        $within = 0;
        foreach ($rows as $place => $row) {
            $within += $place === 0 ? 0 : $row->number - $rows[$place - 1]->number - 1;
        }

        return $passed - $within;
    }
}
