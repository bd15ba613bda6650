<?php

declare(strict_types=1);

namespace App\Learners;

use Runel\Practice\Attempted;

/** One piece of work as far as it is counted: all that lists need of it. */
final readonly class RecordedWork
{
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

    /** @return self|null null where the row cannot be read */
    public static function ofRow(\stdClass $row): ?self
    {
        $day = Day::ofText(\is_string($row->at) ? $row->at : '');
        $slips = $row->counted === '[]' ? [] : json_decode(\is_string($row->counted) ? $row->counted : '', true);
        if ($day === null || !\is_array($slips)) {
            return null;
        }
        $belongs = \is_string($row->skill) && \is_int($row->rung);

        return new self(
            $day,
            $belongs ? "$row->skill.$row->rung" : null,
            Attempted::tryFrom(\is_string($row->outcome) ? $row->outcome : ''),
            array_values(array_filter($slips, is_string(...))),
        );
    }
}
