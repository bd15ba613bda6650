<?php

declare(strict_types=1);

return [
    'job' => [
        'factor' => 'Factorise',
    ],
    'method' => [
        'factor' => [
            'trial' => 'Trial brackets',
        ],
        'solve' => [
            'factoring' => 'By factorising',
        ],
        'complete-square' => [
            'vertex' => 'Completed square form',
        ],
    ],
];
