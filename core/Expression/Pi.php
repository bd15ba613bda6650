<?php

declare(strict_types=1);

namespace Runel\Expression;

/** The number π: no fraction and no root, so a proof leaves it free, knowing that it is positive. */
final readonly class Pi implements Expression
{
    use Vocabulary;

    /** What it is called beside the letters, wherever both are told apart by name. */
    public const NAME = 'π';

    public function children(): array
    {
        return [];
    }

    public function withChildren(array $children): self
    {
        Parts::expressions($children, 0);

        return $this;
    }
}
