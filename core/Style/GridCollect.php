<?php

declare(strict_types=1);

namespace Runel\Style;

/** In which order the products of a grid are collected. The first is the default. */
enum GridCollect: string
{
    case CornersFirst = 'corners-first';
    case Falling = 'falling';
}
