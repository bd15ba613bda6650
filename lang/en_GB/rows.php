<?php

declare(strict_types=1);

return [
    'split' => [
        'why' => 'Each term of the first bracket multiplies the whole of :right: :count products in all. With more '
            . 'than two terms in a bracket the names first, outer, inner, last (FOIL) end; the law does not.',
        'why-binomials' => 'Each term of the first bracket multiplies the whole of :right. The four products are '
            . 'named first, outer, inner, last (FOIL).',
    ],
];
