<?php

declare(strict_types=1);

return [
    'advice' => [
        'vertex' => 'Shows the turning point, the line of symmetry, and the least or greatest value.',
    ],
    'factored' => ['title' => 'Factorise: two equal brackets'],
    'ring' => ['why-root' => 'The first term is the square of :letter, so :letter comes first in the bracket.'],
    'square' => ['why-ringed' => 'What was ringed stands in the bracket: that is the square.'],
    'no-pair' => [
        'title' => 'First see whether it factorises: no pair fits',
        'why' => 'To factorise it, two numbers are needed with the product :product and the sum :sum. There is one '
            . 'pair, and it has another sum: so the square is completed.|To factorise it, two numbers are needed with '
            . 'the product :product and the sum :sum. Of both pairs none has that sum: so the square is completed.|To '
            . 'factorise it, two numbers are needed with the product :product and the sum :sum. Of :count pairs none '
            . 'has that sum: so the square is completed.',
    ],
    'vertex' => [
        'refusal' => 'Completed square form is for a quadratic function or expression in one letter.',
        'check-above' => 'Beside the turning point the value has to be above :value.',
        'check-below' => 'Beside the turning point the value has to be below :value.',
        'read-no-middle' => 'There is no middle term: once it is in order, it is completed square form already.',
        'read-stands' => 'The letter stands once, in a square: this is completed square form already, and the turning '
            . 'point can be read off.',
        'read' => 'The letter stands in two terms. In completed square form it stands once, and the turning point can '
            . 'be read off.',
        'collect' => [
            'why' => 'One number is left: this is completed square form.',
        ],
        'read-off' => [
            'title' => 'Read the turning point off',
            'why-least' => 'A square is never below 0, so the least value is :value, at :letter = :place: the turning '
                . 'point is (:place, :value), the line of symmetry :letter = :place.',
            'why-greatest' => 'The square is subtracted, so the greatest value is :value, at :letter = :place: the '
                . 'turning point is (:place, :value), the line of symmetry :letter = :place.',
        ],
    ],
];
