<?php

declare(strict_types=1);

return [
    'none' => [
        'why-cubic' => ':polynomial has no rational root. A cubic that factorises has a linear factor, so this one '
            . 'does not factorise.',
    ],
    'complete' => [
        'why' => 'No factor that is left can be factorised further over the integers.',
        'title-prime' => 'It does not factorise',
        'title-prime-equation' => 'The side with the letter does not factorise',
        'why-prime-equation' => 'It cannot be written as a product of polynomials with whole coefficients: '
            . 'factorising does not lead to the solutions here.',
        'title-stuck' => 'Factorised as far as this way leads',
    ],
    'rest' => [
        'title-prime' => 'The quadratic does not factorise',
    ],
];
