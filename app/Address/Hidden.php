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
            foreach (\is_array($value) ? self::within($name, $value) : [[$name, $value]] as [$own, $one]) {
                if (\is_string($one) || \is_int($one)) {
                    $fields[] = [$own, (string) $one];
                }
            }
        }

        return $fields;
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return list<array{string, mixed}>
     */
    private static function within(string $name, array $values): array
    {
        $fields = [];
        foreach ($values as $key => $value) {
            $own = array_is_list($values) && !\is_array($value) ? "{$name}[]" : "{$name}[$key]";
            array_push($fields, ...(\is_array($value) ? self::within($own, $value) : [[$own, $value]]));
        }

        return $fields;
    }
}
