<?php

declare(strict_types=1);

namespace App\Slates;

use App\Address\Address;
use App\Address\Standing;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Method\Catalogue;

/** A problem that everybody in a room works on their own. */
final readonly class AskedProblem
{
    private function __construct(public Address $address, public Task $task, public string $job) {}

    /**
     * @param array<array-key, mixed> $parts of a board's address
     *
     * @throws \Runel\Message\Refusal when the problem cannot be read
     */
    public static function from(array $parts, Catalogue $catalogue): self
    {
        $standing = Standing::lenient($catalogue, $parts);
        $address = Address::of($parts, $standing->style, $standing->choices);
        $task = $address->task();

        return new self($address, $task, Jobs::all()->chosen($task->problem, $address->reference->job)->job());
    }

    /** @return array<string, string> the parts of its address, to be kept */
    public function parts(): array
    {
        return array_map(strval(...), $this->address->query(['step' => null, 'method' => null, 'ask' => null]));
    }
}
