<?php

declare(strict_types=1);

namespace Runel\Number\Field;

/**
 * A field that knows powers whose exponent is not a number: two of them are the same where base and exponent are.
 *
 * @template T
 *
 * @extends Field<T>
 */
interface OpenPowers extends Field
{
    /**
     * @param T $base
     * @param T $exponent
     *
     * @return T
     */
    public function openPower(mixed $base, mixed $exponent): mixed;
}
