<?php

declare(strict_types=1);

namespace App\Faces;

/** How the figures of a demonstration are written for machines. */
enum FigureWriting: string
{
    /** Each as it stands after its step. */
    case Whole = 'whole';
    /** The first of its kind whole, each after it by what has changed. */
    case Changes = 'changes';
}
