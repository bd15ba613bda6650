<?php

declare(strict_types=1);

namespace Runel\Sentence;

/** A piece of a sentence. */
final readonly class Token
{
    /**
     * @param string $text as typed
     * @param int    $from the number of characters before it
     */
    public function __construct(public TokenKind $kind, public string $text, public int $from) {}

    /** The number of characters up to its end. */
    public function to(): int
    {
        return $this->from + mb_strlen($this->text);
    }

    public function isMaths(): bool
    {
        return $this->kind === TokenKind::Maths;
    }

    /** Together with one that follows it, whatever stands between them. */
    public function joined(self $next, string $source): self
    {
        return new self($this->kind, mb_substr($source, $this->from, $next->to() - $this->from), $this->from);
    }
}
