<?php

declare(strict_types=1);

namespace App\Turn;

/** The address under which a learner works on what was handed out; it leads nowhere else. */
final readonly class Door
{
    /**
     * @param array<string, string> $key  the parts of the query by which it opens
     * @param string                $back to all that was handed out
     */
    public function __construct(public string $path, public array $key, public string $back) {}
}
