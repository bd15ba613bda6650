<?php

declare(strict_types=1);

return [
    'advice-square' => 'A binomial squared: square, double product, square. Quickest of all, if the double product is not forgotten.',
    'advice-difference' => 'Sum times difference of the same two terms: the middle cancels, two squares are left. Quickest of all.',
    'refusal' => 'This is neither a binomial squared nor a sum times the difference of the same two terms.',
    'refusal-many' => 'The special products are for exactly two factors.',
    'recognise' => [
        'title-square' => 'Recognise the square of a binomial',
        'title-square-minus' => 'Recognise the square of a binomial',
        'title-difference' => 'Recognise a sum times a difference',
        'why-square' => 'The same factor twice: first term squared, twice the product of both, second term squared. The terms are :first and :second.',
        'why-square-minus' => 'The same factor twice: first term squared, twice the product of both, second term squared. The terms are :first and :second; the minus goes with the second.',
        'why-difference' => 'The same two terms, once added and once subtracted: the product is the difference of their squares. The two terms are :first and :second.',
    ],
    'first-square' => [
        'title' => 'Square the first term',
        'why' => 'The square of :term: number squared, exponents doubled.',
        'ask' => 'What is the square of :term?',
    ],
    'second-square' => [
        'title' => 'Square the second term',
        'why' => 'The square of :term. A square is never negative, whatever sign the term had.',
        'why-minus' => 'The square of :term, and it is subtracted: one factor had a plus, the other a minus.',
        'ask' => 'What is the square of :term?',
    ],
    'double' => [
        'title' => 'Twice the product of both',
        'why' => 'The product :product stands in two cells, so it counts twice.',
        'ask' => 'What is twice :first times :second?',
    ],
    'cancelling' => [
        'title' => 'The middle terms cancel',
        'why' => 'Outer and inner product are the same but for the sign.',
        'ask' => 'What is :sum?',
    ],
];
