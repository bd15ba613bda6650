<?php

declare(strict_types=1);

namespace App\Pile;

use App\Ruling\Ruling;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marking;
use Runel\Marking\Marks;
use Runel\Message\Refusal;
use Runel\Problem\Problem;
use Runel\Slip\Slip;

/** A piece of work, marked; or the reason why its problem cannot be read. */
final readonly class MarkedPiece
{
    /**
     * @param string     $mark   the tutor's own
     * @param string     $remark the tutor's own
     * @param Marks|null $marks  points proposed
     */
    public function __construct(
        public Piece $piece,
        public ?Problem $problem,
        public ?string $job,
        public ?Marking $marking,
        public ?Refusal $refusal,
        public string $mark,
        public string $remark,
        public Ruling $ruling,
        public ?Marks $marks = null,
    ) {}

    /** @return list<MarkedLine> */
    public function lines(): array
    {
        return $this->marking->lines ?? [];
    }

    /**
     * Each as often as it was made; what the last line still wants counts, where it is a slip. The tutor's word stands.
     *
     * @return list<Slip>
     */
    public function slips(): array
    {
        if ($this->isRight()) {
            return [];
        }
        $found = [];
        foreach ($this->lines() as $place => $line) {
            if ($line->verdict->isFault()) {
                $found[$place + 1] = $line->slip?->value;
            }
        }
        $slips = array_values(array_filter($found));
        $wanted = $this->lines() === [] ? null : Slip::tryFrom($this->marking->wants->value ?? '');
        $counted = $this->ruling->slips($wanted === null ? $slips : [...$slips, $wanted->value], $found);

        return array_values(array_filter(array_map(Slip::tryFrom(...), $counted)));
    }

    /** Whether the tutor has said that all of it is right, or that it is not to be counted. */
    public function isRight(): bool
    {
        return $this->ruling->piece === Ruling::RIGHT || $this->ruling->piece === Ruling::APART
            || ($this->ruling->piece === null && Ruling::fullMark($this->mark) === true);
    }
}
