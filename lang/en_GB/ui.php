<?php

declare(strict_types=1);

return [
    'help-keys' => ['go-on' => 'after a division without remainder: factorise the quotient'],
    'shelves' => [
        'factor-first' => 'Factorising, leading 1 and more',
    ],
    'choice' => [
        'by' => 'Factorised by',
    ],
];
