<?php

declare(strict_types=1);

namespace Runel\Parsing;

/** One piece of what was typed: what kind it is, its text, and the place where it starts (from 1). */
final readonly class Lexeme
{
    public function __construct(public LexemeKind $kind, public string $text, public int $at) {}

    public function is(LexemeKind $kind, string ...$texts): bool
    {
        return $this->kind === $kind && ($texts === [] || \in_array($this->text, $texts, true));
    }
}
