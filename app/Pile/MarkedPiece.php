<?php

declare(strict_types=1);

namespace App\Pile;

use Runel\Marking\MarkedLine;
use Runel\Marking\Marking;
use Runel\Message\Refusal;
use Runel\Problem\Job;
use Runel\Problem\Problem;
use Runel\Slip\Slip;

/** A piece of work, marked; or the reason why its problem cannot be read. */
final readonly class MarkedPiece
{
    /**
     * @param string $mark   the tutor's own
     * @param string $remark the tutor's own
     */
    public function __construct(
        public Piece $piece,
        public ?Problem $problem,
        public ?Job $job,
        public ?Marking $marking,
        public ?Refusal $refusal,
        public string $mark,
        public string $remark,
    ) {}

    /** @return list<MarkedLine> */
    public function lines(): array
    {
        return $this->marking->lines ?? [];
    }

    /** @return list<Slip> each as often as it was made; what the last line still wants counts, where it is a slip */
    public function slips(): array
    {
        $slips = array_values(array_filter(array_map(
            static fn(MarkedLine $line): ?Slip => $line->slip,
            $this->lines(),
        )));
        $wanted = $this->lines() === [] ? null : Slip::tryFrom($this->marking->wants->value ?? '');

        return $wanted === null ? $slips : [...$slips, $wanted];
    }

    /** How many lines follow. */
    public function right(): int
    {
        return \count(array_filter($this->lines(), static fn(MarkedLine $line): bool => \in_array(
            $line->verdict->value,
            ['follows', 'follows-wrong', 'side'],
            true,
        )));
    }
}
