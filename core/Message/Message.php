<?php

declare(strict_types=1);

namespace Runel\Message;

use Runel\Expression\Node;

/**
 * Something Runel has to say, as data: a key and named parameters.
 *
 * The wording lives in the language files of whoever shows it. Parameters that are
 * mathematics stay mathematics, so that each face can write them in its own way.
 */
final readonly class Message
{
    /** @param array<string, Node|Message|string|int> $parameters */
    private function __construct(public string $key, public array $parameters) {}

    /** @param array<string, Node|Message|string|int> $parameters */
    public static function of(string $key, array $parameters = []): self
    {
        return new self($key, $parameters);
    }
}
