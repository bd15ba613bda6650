<?php

declare(strict_types=1);

// What was asked in a sentence, answered in one.
return [
    'factor' => 'Yes, it is a factor: the remainder is 0.',
    'no-factor' => 'No, it is not a factor: the remainder is :remainder.',
    'remainder' => 'The remainder is :remainder.',
    'quotient' => 'The quotient is :quotient and the remainder is :remainder.',
    'vertex' => 'The vertex is at (:place, :value).',
    'symmetry' => 'The axis of symmetry is :axis.',
    'least' => 'The least value is :value, at :axis.',
    'greatest' => 'The greatest value is :value, at :axis.',
    'no-least' => 'There is no least value: the curve opens downwards.',
    'no-greatest' => 'There is no greatest value: the curve opens upwards.',
    'root' => 'Yes, :value solves it.',
    'no-root' => 'No, :value does not solve it.',
    'discriminant' => 'The discriminant is :value.',
    'sum-of-roots' => 'The sum of the roots is :value.',
    'product-of-roots' => 'The product of the roots is :value.',
    'no-real' => 'It has no real solution, which was to be shown.',
    'excluded' => 'It has no value where :places.',
    'excluded-none' => 'It has a value for every number.',
    'count' => 'It has one real solution.|It has :count real solutions.',
    'between' => 'One real solution, :gaps.|:count real solutions: :gaps.',
    'gap' => 'between :low and :high',
    'gaps' => ':before, :gap',
    'count-none' => 'It has no real solution.',
    'one-letter' => 'So :first.',
    'two-letters' => 'So :first and :second.',
    'three-letters' => 'So :first, :second and :third.',
];
