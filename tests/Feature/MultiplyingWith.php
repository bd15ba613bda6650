<?php

declare(strict_types=1);

namespace Tests\Feature;

use Runel\Job\Multiply\MultiplyFamily;
use Runel\Method\Method;
use Runel\Method\PlainFamily;
use Runel\Method\Weight;
use Runel\Problem\Problem;

/** The ways to multiply, one of them replaced. */
final readonly class MultiplyingWith extends PlainFamily
{
    public function __construct(private Method $odd) {}

    public function job(): string
    {
        return MultiplyFamily::JOB;
    }

    public function weight(Problem $problem): int
    {
        return Weight::CERTAIN;
    }

    public function methods(): array
    {
        return array_map(
            fn(Method $own): Method => $own->id() === $this->odd->id() ? $this->odd : $own,
            (new MultiplyFamily())->methods(),
        );
    }
}
