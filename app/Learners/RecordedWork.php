<?php

declare(strict_types=1);

namespace App\Learners;

use App\Calendar\Day;
use Runel\Practice\Attempted;

/** One piece of work as far as it is counted: all that lists need of it. */
final readonly class RecordedWork
{
    /** What is asked for, in the order of a row. */
    public const COLUMNS = ['learner_id', 'at', 'skill', 'rung', 'outcome', 'counted'];

    /**
     * @param int            $day     as a number
     * @param string|null    $rung    skill and number of the rung it belongs to, as RungHistory::key() writes them
     * @param Attempted|null $outcome the tutor's word heard; null where it says nothing
     * @param list<string>   $slips   ids of those that count
     */
    private function __construct(
        public int $day,
        public ?string $rung,
        public ?Attempted $outcome,
        public array $slips,
    ) {}

    /**
     * @param list<mixed> $row
     *
     * @return self|null null where the row cannot be read
     */
    public static function ofRow(array $row): ?self
    {
        [, $at, $skill, $rung, $outcome, $counted] = $row;
        $day = \is_string($at) ? Day::ofText($at) : null;
        $slips = $counted === '[]' ? [] : json_decode(\is_string($counted) ? $counted : '', true);
        if ($day === null || !\is_array($slips)) {
            return null;
        }

        return new self(
            $day,
            \is_string($skill) && \is_int($rung) ? "$skill.$rung" : null,
            \is_string($outcome) ? Attempted::tryFrom($outcome) : null,
            $slips === [] ? [] : array_values(array_filter($slips, is_string(...))),
        );
    }
}
