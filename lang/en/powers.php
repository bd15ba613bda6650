<?php

declare(strict_types=1);

return [
    'refusal' => 'This way is for an equation that says what one power from the third on is.',
    'equal' => [
        'advice' => 'Both sides are powers: root them, nothing has to be multiplied out.',
        'read' => 'Both sides are powers with the same exponent: that is seen before anything is multiplied out.',
        'title' => 'Take the root of both sides: equal',
        'title-even' => 'Take the root of both sides: equal or opposite',
        'why' => 'The exponent :index is odd: two real numbers have the same power only when they are equal.',
        'why-even' => 'The exponent :index is even: two real numbers have the same power when they are equal or '
            . 'opposite.',
        'why-one' => 'Only one of the two equations has a solution, or both have the same.',
        'dead' => 'That is never true: nothing solves this one.',
        'outcome' => 'no solution on this way',
        'check-none' => 'One number proves nothing by itself, but here too the two sides differ.',
    ],
    'advice' => 'The power alone, then the root of index :index.',
    'read' => 'One power with the exponent :index stands there: once it is alone, its root is taken.',
    'swap' => 'The power stands on the right alone; an equation can be read from either side.',
    'divide' => 'Then the power stands alone.',
    'none' => [
        'title' => 'No real solution',
        'why' => 'A power with the even exponent :index is never below 0.',
    ],
    'root' => [
        'title' => 'Take the root of index :index of both sides',
        'title-both' => 'Take the root of index :index: plus or minus',
        'title-zero' => 'A power is 0: its base is 0',
        'why' => 'The exponent :index is odd: there is exactly one real number with that power.',
        'why-minus' => 'The exponent :index is odd, so a minus inside comes out as a minus: there is exactly one real '
            . 'number with that power.',
        'why-both' => 'The exponent :index is even: two numbers have the same power, one positive and one negative.',
        'why-zero' => 'Only 0 has a power that is 0.',
    ],
    'simplify' => ['why' => 'The largest power with the exponent :index under it comes out.'],
    'alone' => ['why' => ':letter alone on the left; the root stays as it is.'],
    'solutions' => ['why-one' => 'It is the only real one.'],
    'check' => [
        'why-root' => 'A root raised to its own index is what stands under it.',
        'why-none' => 'Whatever is put in, the power is not below 0.',
    ],
];
