<?php

declare(strict_types=1);

return [
    'refusal' => 'This way is for an equation that says what one power from the third on is.',
    'equal' => [
        'advice' => 'Both sides are powers: root them, nothing has to be multiplied out.',
        'read' => 'Both sides are powers with the same exponent: that is seen before anything is multiplied out.',
        'advice-roots' => 'Both sides are roots: raise them, and no root is left.',
        'read-roots' => 'Both sides are roots with the same index: raised to that power, both are gone at once.',
        'check-roots' => 'What stands under both roots worked out separately: where that agrees, so do the roots.',
        'why-roots' => 'The index :index is odd: two real numbers have the same power only when they are equal.',
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
    'raised' => [
        'advice' => 'The power is undone by its root, the root by its power.',
        'read' => 'One root with the index :index holds the letter: once it is alone, both sides are raised to that '
            . 'power.',
        'read-power' => 'A power of a root stands there: the power is undone first, then the root.',
        'read-below' => 'A root stands below a line: both sides are multiplied by it, then it is undone.',
        'below-swap' => 'The fraction stands on the right alone; an equation can be read from either side.',
        'below-beside' => 'The fraction alone on one side',
        'below-title' => 'Multiply both sides by :root',
        'below-why' => 'It stands below a line, so :root is not 0; what is divided by it is undone by multiplying.',
        'read-fraction' => 'A fraction in an exponent means a root: it is written as one first.',
        'swap' => 'The root stands on the right alone; an equation can be read from either side.',
        'beside' => 'The root alone on one side',
        'beside-ask' => 'The root is to stand alone. Which equation is next?',
        'divide' => 'Then the root stands alone.',
        'as-root' => 'The denominator of the exponent says which root, the numerator which power.',
        'out' => [
            'title' => 'Take the power out of the root',
            'why' => 'The root of a power is that power of the root: first the root, then the power.',
        ],
        'square-title' => 'Take the square root: plus or minus',
        'title' => 'Raise both sides to the power :index',
        'title-square' => 'Square both sides',
        'why' => 'The root raised to its own index is what stands under it. The index is odd: nothing comes in by '
            . 'that.',
        'why-even' => 'The root raised to its own index is what stands under it. What comes in by that is seen at the '
            . 'end, when it is put in.',
        'why-one' => 'It is the only one, and it holds when it is put in.',
        'why-one-way' => 'Only one of the two equations has a solution.',
        'none' => 'A root with an even index is never below 0, so it is never :value.',
        'ask' => 'What is :power?',
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
