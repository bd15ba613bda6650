<?php

declare(strict_types=1);

return [
    'multiply-back' => [
        'title' => 'Multiply back, term by term',
        'why' => 'Every term of the last factor times all before it, then added: the other way round than the work was done.',
    ],
    'coefficient-sum' => [
        'title' => 'Coefficient sum: put 1 for every letter',
        'why' => 'With 1 for the letter, each factor becomes the sum of its coefficients. Both sides have to agree.',
    ],
    'ten' => [
        'title' => 'Whole numbers: put :values',
        'why' => 'With 10 for the letter both sides become whole numbers that can be multiplied and compared.',
    ],
    'substitution' => [
        'title' => 'Numbers for the letters: :values',
        'why' => 'Both sides are worked out separately and have to agree.',
    ],
];
