<?php

declare(strict_types=1);

namespace Runel\Method;

/** How good a method is as help. */
enum Help
{
    case Good;
    /** what it asks would say the answer: after the others */
    case Later;
    /** it leaves nothing to be found on the way: only where there is no other */
    case Last;
}
