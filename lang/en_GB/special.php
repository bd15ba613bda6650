<?php

declare(strict_types=1);

return [
    'put' => [
        'why' => 'Each term goes in as a whole, in brackets where it needs them.',
    ],
    'advice-both' => 'One special product leads to the next: each is recognised, hardly anything is worked out.',
    'recognise' => [
        'title-square' => 'Recognise the square of a binomial',
        'title-square-minus' => 'Recognise the square of a binomial',
        'title-difference' => 'Recognise a sum times a difference',
    ],
];
