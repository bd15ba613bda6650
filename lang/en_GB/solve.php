<?php

declare(strict_types=1);

return [
    'refusal-not-quadratic' => 'Solving by factorising is for quadratic equations in one letter.',
    'refusal-roots' => 'Roots of numbers stand in this equation: factorising over the integers is not the way.',
    'refusal-single' => 'Only a power is left, and it is 0: there is nothing to factorise.',
    'refusal-prime' => 'This equation does not factorise over the integers: its discriminant is not a perfect square.',
    'refusal-degree' => 'This equation has degree :degree and does not factorise by taking out a common factor.',
    'given' => [
        'why' => 'A product stands on one side and 0 on the other: it is factorised already.',
    ],
];
