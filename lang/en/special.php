<?php

declare(strict_types=1);

return [
    'advice-square' => 'A binomial squared: square, double product, square. Quickest of all, if the double product is '
        . 'not forgotten.',
    'advice-difference' => 'Sum times difference of the same two terms: the middle cancels, two squares are left. '
        . 'Quickest of all.',
    'refusal' => 'This is neither a binomial squared nor a sum times the difference of the same two terms, nor '
        . 'several of these in turn.',
    'advice-both' => 'One special product leads to the next: each is recognized, hardly anything is worked out.',
    'recognise' => [
        'title-square' => 'Recognize the square of a binomial',
        'title-square-minus' => 'Recognize the square of a binomial',
        'title-difference' => 'Recognize a sum times a difference',
        'why-square' => 'A binomial squared: the square of the first, twice the product of both, the square of the '
            . 'second. Here :p is :first and :q is :second.',
        'why-square-minus' => 'A difference squared: the double product is subtracted, both squares are added. Here '
            . ':p is :first and :q is :second.',
        'why-difference' => 'The same two terms, once added and once subtracted: only the two squares are left. Here '
            . ':p is :first and :q is :second.',
    ],
    'put' => [
        'title' => 'Put the two terms in',
        'why' => 'Each term goes in as a whole, in parentheses where it needs them.',
    ],
    'ask-square' => 'What is the square of :term, worked out?',
    'first-square' => [
        'title' => 'Square the first term, :term',
        'why' => 'The number is squared, and so is the letter.',
        'why-power' => 'Exponents double when a power is squared.',
        'why-number' => 'A number times itself.',
        'why-minus' => 'Minus times minus is plus: a square is never negative.',
    ],
    'second-square' => [
        'title' => 'Square the second term, :term',
        'why' => 'Number and letters are squared, each for itself.',
        'why-power' => 'Its exponents double too.',
        'why-number' => 'A number times itself. A square is added, whatever sign the term had.',
        'why-minus' => 'Minus times minus is plus; number and letters are squared, each for itself.',
    ],
    'subtracted-square' => [
        'title' => 'Square the second term, :term',
        'why' => 'Number and letters are squared; the minus in front stays outside.',
        'why-power' => 'Its exponents double; the minus in front stays outside.',
        'why-number' => 'A number times itself; the minus in front stays outside.',
    ],
    'double' => [
        'title' => 'Twice the product of both',
        'why' => 'The product :product stands in two cells, so it counts twice.',
        'why-minus' => 'The product :product counts twice, once for each of two cells; the minus stands in front.',
        'ask' => 'What is twice :first times :second?',
    ],
    'cancelling' => [
        'title' => 'The middle terms cancel',
        'why' => 'Outer and inner product are the same but for the sign.',
        'ask' => 'What is :sum?',
    ],
];
