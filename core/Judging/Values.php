<?php

declare(strict_types=1);

namespace Runel\Judging;

/** Several values typed in one answer. */
final class Values
{
    /** @return non-empty-list<string> with a comma, a semicolon, "and" or "or" between them */
    public static function apart(string $typed): array
    {
        return preg_split('/\s*(?:[,;]|\b(?:and|or)\b)\s*/', trim($typed)) ?: [$typed];
    }
}
