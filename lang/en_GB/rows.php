<?php

declare(strict_types=1);

return [
    'advice' => 'The distributive law as it is: each term of one bracket times all of the other.',
    'split' => [
        'title' => 'Share the second bracket out',
        'why' => 'Each term of the first bracket multiplies the whole of :right: :count products in all. With more '
            . 'than two terms in a bracket the names first, outer, inner, last (FOIL) end; the law does not.',
        'why-binomials' => 'Each term of the first bracket multiplies the whole of :right. The four products are '
            . 'named first, outer, inner, last (FOIL).',
    ],
];
