<?php

declare(strict_types=1);

namespace Runel\Style;

/** The words of the school: American or British. The first is the default. */
enum Words: string
{
    case US = 'us';
    case UK = 'uk';
}
