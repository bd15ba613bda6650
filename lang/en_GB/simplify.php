<?php

declare(strict_types=1);

return [
    'powers' => ['open' => ['title' => 'Open the brackets']],
    'cancel' => [
        'advice' => 'Factorise above and below, then cancel what both have.',
        'factor' => ['title' => 'Factorise above and below'],
    ],
    'terms' => [
        'minus' => ['title' => 'Open the brackets behind the minus'],
        'result-why' => 'Nothing stands in brackets any more, and no two terms are alike.',
    ],
    'combine' => ['one' => ['why' => 'Over one denominator the numerators are added; after a minus the whole numerator '
        . 'stays in brackets.']],
];
