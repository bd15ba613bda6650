<?php

declare(strict_types=1);

namespace App\Bench;

use App\Address\Address;
use Runel\Message\Refusal;
use Runel\Method\Offer;
use Runel\Problem\Problem;

/** One problem of a pasted sheet: read, with the way that comes first, or refused with its place. */
final readonly class WorksheetRow
{
    /**
     * @param string       $typed    as it stands on the sheet
     * @param Address|null $address  of its problem, with what a heading above it asks; null where it cannot be read
     * @param bool         $isGoneOn whether it starts from the part before it
     * @param int          $line     its place among the lines of the sheet, from 0
     */
    public function __construct(
        public string $typed,
        public ?Address $address,
        public ?Problem $problem,
        public ?Offer $offer,
        public ?Refusal $refusal,
        public bool $isGoneOn = false,
        public int $line = 0,
    ) {}

    public function onLine(int $line): self
    {
        return new self(
            $this->typed,
            $this->address,
            $this->problem,
            $this->offer,
            $this->refusal,
            $this->isGoneOn,
            $line,
        );
    }
}
