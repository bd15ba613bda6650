<?php

declare(strict_types=1);

return [
    'split' => [
        'why-binomials' => 'Each term of the first bracket multiplies the whole of :right. The four products are '
            . 'named first, outer, inner, last (FOIL).',
    ],
];
