<?php

declare(strict_types=1);

namespace Runel\Style;

/** To how many places decimals are given. The first is the default. */
enum Places: string
{
    case Two = '2';
    case One = '1';
    case Three = '3';
    case Four = '4';
    case Five = '5';
    case Six = '6';
}
