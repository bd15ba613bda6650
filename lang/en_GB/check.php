<?php

declare(strict_types=1);

return [
    'multiply-back' => [
        'why' => 'Every term of the last bracket times all before it, then added: the other way round than the work '
            . 'was done.',
    ],
    'coefficient-sum' => [
        'why' => 'With 1 for the letter, each bracket becomes the sum of its coefficients. Both sides have to agree.',
    ],
];
