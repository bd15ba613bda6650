<?php

declare(strict_types=1);

return [
    'shelves' => [
        'factor-first' => 'Factorising, leading 1 and more',
    ],
    'choice' => [
        'by' => 'Factorised by',
    ],
];
