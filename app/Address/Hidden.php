<?php

declare(strict_types=1);

namespace App\Address;

/** The parts of a query as hidden fields of a form: a list is a field an entry. */
final class Hidden
{
    /**
     * @param array<string, mixed> $parts
     *
     * @return list<array{string, string}> name and value
     */
    public static function fields(array $parts): array
    {
        $fields = [];
        foreach ($parts as $name => $value) {
            foreach (\is_array($value) ? $value : [$value] as $one) {
                if (\is_string($one) || \is_int($one)) {
                    $fields[] = [\is_array($value) ? "{$name}[]" : $name, (string) $one];
                }
            }
        }

        return $fields;
    }
}
