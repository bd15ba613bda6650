<?php

declare(strict_types=1);

namespace Runel\Style;

/** In which order the places of a product are filled, degree by degree. The first is the default. */
enum PlacesOrder: string
{
    case EndsFirst = 'ends-first';
    case Inwards = 'inwards';
    case Falling = 'falling';
}
