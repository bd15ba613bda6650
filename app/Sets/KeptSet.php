<?php

declare(strict_types=1);

namespace App\Sets;

/** A set as it is kept. */
final readonly class KeptSet
{
    /** @param list<array{problem: string, job: string|null, method: string|null}> $tasks in their order */
    public function __construct(public string $name, public string $seed, public array $tasks) {}
}
