<?php

declare(strict_types=1);

namespace Runel\Algebra;

/** What can be seen in a problem before anything is multiplied out. */
enum StructureKind: string
{
    case BothSquares = 'both-squares';
    case Square = 'square';
    case Power = 'power';
    case Below = 'below';
    case SameBracket = 'same-bracket';
    case TwoSquares = 'two-squares';
    case TwoCubes = 'two-cubes';
    case Something = 'something';
}
