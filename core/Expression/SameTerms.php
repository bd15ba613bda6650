<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Whether two expressions are sums of the same terms, in whatever order they stand. */
final class SameTerms
{
    public static function are(Expression $one, Expression $other): bool
    {
        $left = $other->terms();
        foreach ($one->terms() as $term) {
            $found = array_filter($left, static fn(Expression $own): bool => $own->equals($term));
            if ($found === []) {
                return false;
            }
            unset($left[array_key_first($found)]);
        }

        return $left === [];
    }
}
