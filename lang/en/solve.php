<?php

declare(strict_types=1);

return [
    'refusal-not-quadratic' => 'Solving by factoring is for quadratic equations in one letter.',
    'refusal-roots' => 'Roots of numbers stand in this equation: factoring over the integers is not the way.',
    'refusal-single' => 'Only a power is left, and it is 0: there is nothing to factor.',
    'refusal-prime' => 'This equation does not factor over the integers: its discriminant is not a perfect square.',
    'refusal-degree' => 'This equation has degree :degree and does not factor by taking out a common factor.',
    'given' => [
        'title' => 'Read the problem',
        'why' => 'A product stands on one side and 0 on the other: it is factored already.',
        'why-swap' => 'The 0 goes to the right; an equation can be read from either side.',
    ],
    'front' => [
        'title' => 'Divide both sides by :by',
        'why' => 'No :letter stands in it. Where it is not 0, both sides are divided by it; where it is 0, the '
            . 'left side is 0 whatever :letter is.',
    ],
    'root-factor' => [
        'advice' => 'Each factor by itself is set equal to 0; what puts something negative under the root falls out.',
        'read' => 'A product that is 0, with a root as a factor: each factor is looked at by itself.',
        'why' => 'Each factor is set equal to 0. What comes out has to be put under the root: there the product has no '
            . 'value where something negative stands.',
        'title' => 'A root is 0: so is what stands under it',
        'root' => 'Only 0 has the root 0.',
        'reject' => 'Put :value under the root',
        'reject-why' => 'Something negative stands under the root: for this :letter the product has no value, and it '
            . 'is not a solution.',
        'all' => 'Under the root nothing negative stands for any of them.',
        'left' => 'What is left has been put under the root, too.',
    ],
    'bracket' => [
        'read-both' => ':bracket stands in every term, on both sides: that is seen before anything is multiplied out.',
        'one-side' => [
            'title' => 'Everything on one side',
            'why' => 'What stands on the right is taken from both sides. Dividing by :bracket would lose the solution '
                . 'at which it is 0.',
        ],
    ],
    'zero' => [
        'title' => 'A product is 0: one of its factors is 0',
        'title-double' => 'A power is 0: its base is 0',
        'why' => 'Each factor is set equal to 0.',
        'why-front' => 'Each factor with the letter is set equal to 0; the number in front is never 0.',
        'why-repeated' => 'Each factor with the letter is set equal to 0; one that stands several times needs it only '
            . 'once.',
        'why-double' => 'The same factor stands several times, so there is only one equation to solve.',
    ],
    'linear' => [
        'title' => 'Solve :factor',
        'subtract' => 'Subtract :number from both sides.',
        'add' => 'Add :number to both sides.',
        'across' => ':from crosses over and becomes :to.',
        'divide' => 'Divide both sides by :number.',
        'divide-letter' => 'Divide both sides by :number. That needs :number not to be 0.',
        'multiply' => 'Multiply both sides by :number.',
        'turn' => 'Multiply both sides by −1.',
        'both' => ':first :second',
        'ask' => 'Which value solves :factor?',
    ],
    'solutions' => [
        'title' => 'The solutions',
        'title-double' => 'One double solution',
        'title-one' => 'One solution',
        'why' => 'Both values solve the equation: one or the other.',
        'why-all' => 'Every one of these values solves the equation.',
        'why-double' => 'All factors give the same value, so it is said once.',
        'ask' => 'What are all the solutions?',
    ],
];
