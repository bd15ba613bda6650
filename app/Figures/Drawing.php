<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Message\Message;

/** A kind of figure, drawn. */
interface Drawing
{
    /** What the picture shows, for those who listen. */
    public function label(): Message;

    /** @return array{float, float} the width and height used */
    public function draw(Pen $pen): array;
}
