<?php

declare(strict_types=1);

return [
    'refusal' => 'This is neither a perfect square nor a difference of two squares.',
    'square' => [
        'title' => 'A perfect square? First and last term are squares',
        'why' => 'In letters it is the square of a binomial, read backwards: here :p is :first and :q is :last. The '
            . 'middle will tell.',
        'write' => 'It is a perfect square: the same factor twice.',
    ],
    'difference' => [
        'title' => 'A difference of two squares',
        'why' => 'Two squares with a minus between them, no middle term: here :p is :first and :q is :last.',
        'write' => 'Sum times difference of the two: cut the small square out and what is left makes a rectangle.',
    ],
    'middle' => [
        'title' => 'Check the middle',
        'why' => 'Twice the product of both is the middle term, so it is a perfect square.',
        'why-minus' => 'Twice the product of both is the middle term without its sign, so it is a perfect square; the '
            . 'minus goes with the second.',
        'ask' => 'What is twice :first times :last?',
    ],
];
