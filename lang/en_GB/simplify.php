<?php

declare(strict_types=1);

return [
    'powers' => ['open' => ['title' => 'Open the brackets']],
    'cancel' => [
        'advice' => 'Factorise above and below, then cancel what both have.',
        'factor' => ['title' => 'Factorise above and below'],
    ],
    'combine' => ['one' => ['why' => 'Over one denominator the numerators are added; after a minus the whole numerator '
        . 'stays in brackets.']],
];
