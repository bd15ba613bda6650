<?php

declare(strict_types=1);

return [
    'help-keys' => ['go-on' => 'after a division without remainder: factorise the quotient'],
    'shelves' => [
        'factor-first' => 'Factorising, leading 1 and more',
    ],
    'calculator' => ['wrong' => 'Keyed without the brackets, something else is worked out:'],
    'choice' => [
        'by' => 'Factorised by',
    ],
];
