<?php

declare(strict_types=1);

return [
    'arcs' => 'Two brackets above :places places for the answer',
    'curve' => 'Parabola of :function with its turning point at :place and :value, meeting the axis once|Parabola of '
        . ':function with its turning point at :place and :value, meeting the axis :count times',
    'curve-none' => 'Parabola of :function with its turning point at :place and :value, not meeting the axis',
];
