<?php

declare(strict_types=1);

return [
    'sum-product' => 'The leading coefficient is 1: two numbers are all that is wanted. :hunt',
    'split-middle' => 'Always works, and grouping needs no guessing. :hunt',
    'product-grid' => 'A pair, then common factors on the edges of a grid: safe, a little longer. :hunt',
    'cross' => 'Cross products: one arrangement to look at. :hunt|Cross products: :count arrangements to look at. '
        . ':hunt',
    'trial' => 'Whole factors at once, quick with strong tables. :hunt',
    'scale' => 'One pair, then fractions that cancel. :hunt',
    'scale-why' => 'Why scaling works, on this very trinomial.',
    'none-works' => 'The only possibility does not work: it is prime, and that is shown.|None of the :count works: it '
        . 'is prime, and all are shown failing.',
    'only-one' => 'There is only one possibility.',
    'works-soon' => 'Number :works of :count works.',
    'works-late' => 'Only number :works of :count works: a long hunt.',
    'special-square' => 'A perfect square: recognized, not hunted. Quickest here.',
    'special-difference' => 'A difference of squares: recognized, not hunted. Quickest here.',
    'special-common' => 'Only a common factor to take out.',
    'factored-already' => 'It stands factored already, with 0 on the other side: only the linear equations are left.',
    'factoring-common' => 'What is common comes out, then each factor is 0: nothing has to be hunted for.',
    'factoring' => 'It factors over the integers: zero on one side, then each factor 0. Factored here by: :by.',
]
;
