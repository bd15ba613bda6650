<?php

declare(strict_types=1);

namespace Runel\Method;

/** Something the tutor can choose about a job: inside one demonstration, or once and for all. */
final readonly class Choice
{
    /**
     * @param list<string>|null $values   the default first; null where they depend on the problem
     * @param bool              $standing whether it is chosen once and holds for every problem
     */
    public function __construct(public string $key, public ?array $values, public bool $standing = false) {}
}
