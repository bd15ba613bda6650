<?php

declare(strict_types=1);

return [
    'advice' => 'The distributive law as it is: each term of one factor times all of the other.',
    'advice-binomials' => 'Two binomials: four products with names, first, outer, inner, last (FOIL). Quickest once '
        . 'it is safe.',
    'advice-long' => 'There are :count products to keep in order; the columns help, yet a grid leaves less to chance.',
    'advice-stages' => 'Two factors at a time, :stages rounds with :count products in all.',
    'split' => [
        'title' => 'Share the second factor out',
        'why' => 'Each term of the first factor multiplies the whole of :right: :count products in all. With more '
            . 'than two terms in a factor the names first, outer, inner, last (FOIL) end; the law does not.',
        'why-one' => 'The one term outside multiplies every term of :right.',
        'why-binomials' => 'Each term of the first factor multiplies the whole of :right. The four products are named '
            . 'first, outer, inner, last (FOIL).',
    ],
    'product' => [
        'title' => ':left times :right',
        'title-first' => 'First: the two first terms',
        'title-outer' => 'Outer: first term times last term',
        'title-inner' => 'Inner: second term times third term',
        'title-last' => 'Last: the two last terms',
    ],
    'middle' => [
        'title' => 'Outer and inner, added in the head',
        'why' => 'Both middle products have the same letters, so their sum is written at once.',
    ],
    'all' => [
        'title' => 'All products in one line',
        'why' => 'These are the :count products; terms with the same letters and exponents are like and belong '
            . 'together.',
    ],
];
