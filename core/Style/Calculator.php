<?php

declare(strict_types=1);

namespace Runel\Style;

/** Which calculator lies on the table. The first is the default. */
enum Calculator: string
{
    /** A sign and a root come after their number; fractions are divided out. */
    case Plain = 'plain';
    /** A sign and a root come before their number; fractions have a key of their own and stay. */
    case FractionKey = 'fraction-key';
}
