<?php

declare(strict_types=1);

return [
    'refusal' => 'No quadratic in something is hidden here.',
    'refusal-part' => 'There is a quadratic in something here, but what it leads to cannot be solved exactly.',
    'advice' => 'A quadratic in :something.',
    'advice-two' => 'A trinomial in :something and :other.',
    'read-two' => 'It is a trinomial in :something and :other: that is seen before anything is multiplied out.',
    'read' => 'It is a quadratic in :something: that is seen before anything is multiplied out.',
    'gather' => [
        'title' => 'See it as a quadratic',
        'title-zero' => 'One side 0, seen as a quadratic',
        'why' => ':something stands there squared, by itself, or not at all.',
        'why-two' => ':something and :other stand there as two letters would: each squared, and both together.',
    ],
    'name' => [
        'title' => 'Write :unknown for :something',
        'title-two' => 'Write :unknown for :something, and :second for :other',
        'why' => 'Then it is an ordinary quadratic: :equation. What :unknown was is put back afterwards.',
    ],
    'back' => [
        'title' => 'Write the factors',
        'why' => 'Where :unknown stood, :something stands again.',
        'why-two' => 'Where :unknown and :second stood, :something and :other stand again.',
        'why-straight' => 'It is factored as a quadratic in :something.',
        'why-straight-two' => 'It is factored as a trinomial in :something and :other.',
    ],
    'formula' => [
        'title' => 'It does not factor: the discriminant',
        'why' => 'The formula gives the values of :something.',
        'why-negative' => 'It is negative: no real value of :something makes the quadratic 0.',
        'why-none' => 'What no value solves as a quadratic, no number solves.',
        'title-values' => 'The two values of :something',
        'why-values' => 'The formula, with :something in place of the letter.',
    ],
    'dead' => 'no solution',
    'root' => [
        'why' => 'The root stands alone and is not negative, so both sides are squared.',
        'why-add' => ':number is added to both sides; then the root stands alone, and both sides are squared.',
        'why-subtract' => ':number is subtracted from both sides; then the root stands alone, and both sides are '
            . 'squared.',
        'why-power' => 'The root stands alone: both sides are raised to the power :index.',
        'why-power-add' => ':number is added to both sides; then the root stands alone, and both sides are raised to '
            . 'the power :index.',
        'why-power-subtract' => ':number is subtracted from both sides; then the root stands alone, and both sides are '
            . 'raised to the power :index.',
        'why-none' => 'A square root is never negative, so it cannot be :value.',
        'why-none-add' => ':number is added to both sides; but a square root is never negative, so it cannot be '
            . ':value.',
        'why-none-subtract' => ':number is subtracted from both sides; but a square root is never negative, so it '
            . 'cannot be :value.',
    ],
    'square' => [
        'why' => 'The square is a positive number, so there are two roots, one the opposite of the other. The root '
            . 'stays under the root.',
        'why-plain' => 'The square is a positive number, so there are two roots, one the opposite of the other. Its '
            . 'root can be written with two single roots: squared, they give it again.',
        'why-none' => 'No real number has a negative square.',
        'why-none-power' => 'A power with an even exponent is never below 0.',
    ],
    'solutions' => [
        'why' => 'Each way was put back by itself; these are all solutions.',
        'why-one' => 'Each way was put back by itself; only this is left.',
        'why-none' => 'None of the ways leads to a number.',
    ],
    'check-none' => 'Whatever is put in, both sides stay apart.',
];
