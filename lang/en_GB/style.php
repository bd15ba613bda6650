<?php

declare(strict_types=1);

return [
    'sample' => 'factorise, brackets',
    'key' => [
        'favourite' => 'My favourite way to factorise',
        'trial-signs' => 'Signs of trial brackets',
        'bracket-back' => 'The bracket each term meets',
    ],
    'value' => [
        'minus-one' => [
            'inside' => 'Into one bracket',
        ],
        'favourite' => [
            'trial' => 'Trial brackets',
        ],
        'square-shown' => ['factored' => 'Factorised, then a square'],
    ],
    'subject' => [
        'factoring' => 'Factorising',
    ],
];
