<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Expression\Node;

/** A wrong answer that people give, and the slip behind it. */
final readonly class LikelyWrong
{
    /** @param string|null $case which of its diagnoses is meant, where a slip has several */
    public function __construct(public Node $answer, public Slip $slip, public ?string $case = null) {}
}
