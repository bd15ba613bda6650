<?php

declare(strict_types=1);

namespace Runel\Slip;

/** What a wrong rule has that does one slip, or one case of it. */
trait OfSlip
{
    /** @param string|null $case which of its diagnoses is meant, where a slip has several */
    public function __construct(private readonly Slip $slip, private readonly ?string $case = null) {}

    public function slip(): Slip
    {
        return $this->slip;
    }

    public function says(): string
    {
        return "slip.{$this->slip->value}.diagnosis" . ($this->case === null ? '' : "-$this->case");
    }
}
