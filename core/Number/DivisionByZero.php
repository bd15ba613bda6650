<?php

declare(strict_types=1);

namespace Runel\Number;

/** A division by 0 was asked for; it has no value. */
final class DivisionByZero extends \DomainException
{
    public function __construct()
    {
        parent::__construct('Division by zero has no value.');
    }
}
