<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;

/** A picture as data: what stands where and what is lit, nothing about its drawing. */
interface Figure
{
    /** The kind of figure, as the contract names it. */
    public function type(): string;

    /**
     * The figure's contents for machines; expressions stay expressions.
     *
     * @return array<string, mixed>
     */
    public function data(): array;

    /**
     * What the figure says, as equations that have to be true; the audit recomputes each.
     *
     * @param Figure|null $before a figure whose claims are known already; what the two share is left out
     *
     * @return list<Equation>
     */
    public function claims(?self $before = null): array;
}
