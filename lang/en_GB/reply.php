<?php

declare(strict_types=1);

return [
    'vertex' => 'The turning point is at (:place, :value).',
    'symmetry' => 'The line of symmetry is :axis.',
];
