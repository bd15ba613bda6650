<?php

declare(strict_types=1);

return [
    'factored-already' => 'It stands factorised already, with 0 on the other side: only the linear equations are left.',
    'factoring' => 'It factorises over the integers: zero on one side, then each factor 0. Factorised here by: :by.',
    'none-works' => 'The only possibility does not work: it does not factorise, and that is shown.|None of the :count '
        . 'works: it does not factorise, and all are shown failing.',
    'special-square' => 'A perfect square: recognised, not hunted. Quickest here.',
    'special-difference' => 'A difference of squares: recognised, not hunted. Quickest here.',
];
