<?php

declare(strict_types=1);

namespace App\Figures;

/** A kind of figure, drawn. */
interface Drawing
{
    /** @return array{float, float} the width and height used */
    public function draw(Pen $pen): array;
}
