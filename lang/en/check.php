<?php

declare(strict_types=1);

return [
    'multiply-back' => [
        'title-turned' => 'Multiply once more, the factors exchanged',
        'why-turned' => 'The other way round than the work was done: the product has to be the same.',
        'title' => 'Multiply back, term by term',
        'why' => 'Every term of the last factor times all before it, then added: the other way round than the work '
            . 'was done.',
    ],
    'coefficient-sum' => [
        'title' => 'Coefficient sum: put 1 for every letter',
        'why' => 'With 1 for the letter, each factor becomes the sum of its coefficients. Both sides have to agree.',
    ],
    'ten' => [
        'title-fractions' => 'Numbers: put :values',
        'why-fractions' => 'With 10 for the letter both sides become numbers that can be worked out and compared.',
        'title' => 'Whole numbers: put :values',
        'why' => 'With 10 for the letter both sides become whole numbers that can be multiplied and compared.',
    ],
    'no-pair' => [
        'title' => ':value lies between two squares',
        'why' => 'A pair works only if the discriminant is a perfect square. :value lies between two neighbouring '
            . 'squares, so no pair can.',
        'title-negative' => 'The discriminant is below 0',
        'why-negative' => 'Four times first times last is more than the middle squared, so no two numbers have that '
            . 'product and that sum.',
    ],
    'factors' => [
        'title' => 'Multiply back, written out',
        'why' => 'The factors multiplied in full have to give the problem again.',
    ],
    'edges' => [
        'title' => 'Edges times edges give the cells',
        'why' => 'Every cell of the grid is the product of its two edges.',
    ],
    'solution' => [
        'title' => 'Put :letter = :value into the original',
        'why' => 'Both sides worked out separately: both have to agree.',
    ],
    'substitution' => [
        'title' => 'Numbers for the letters: :values',
        'why' => 'Both sides are worked out separately and have to agree.',
    ],
];
