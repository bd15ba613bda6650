<?php

declare(strict_types=1);

return [
    'grouping' => [
        'refusal' => 'Grouping is for four terms that make two pairs with the same bracket, or for a common bracket.',
        'advice' => 'Pairs with the same bracket: pairing :place of 3 works.',
        'group' => 'These two pairs leave the same bracket.',
        'group-minus' => 'These two pairs leave the same bracket. A minus before the second turns every sign in it.',
    ],
    'seen' => ['same-bracket' => 'the same bracket in every term, :part'],
    'special' => [
        'why-tidied' => 'A minus before a bracket turns every sign in it; then like terms are collected.',
        'read-front' => 'What both have in common comes out first. No bracket is multiplied out.',
    ],
    'more' => ['pair' => 'Factorise it as a quadratic in :sum'],
    'bracket' => ['advice' => 'The same bracket stands in every term.'],
    'further' => ['why' => 'A factor may factorise again: that is looked for before it is called complete.'],
    'substitution' => ['refusal' => 'No quadratic in something is hidden here that factorises.'],
];
