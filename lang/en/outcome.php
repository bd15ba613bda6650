<?php

declare(strict_types=1);

return [
    'pair' => ':left and :right',
    'arrangement' => ':m · :n and :r · :s',
    'factors' => ':first times :second',
    'number' => ':value',
    'none' => 'nothing fits',
    'grid' => ':columns, :rows',
    'products' => 'one product|:count products',
    'term' => ':term above',
    'corner' => ':value in the corner',
    'remainder' => 'remainder :remainder',
    'columns' => 'one column|:count columns',
    'part' => ':part',
    'places' => 'one place|:count places',
    'rows' => 'one row|:count rows',
];
