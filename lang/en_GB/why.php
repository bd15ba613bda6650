<?php

declare(strict_types=1);

return [
    'law' => [
        'numbers' => 'These are numbers, and they are worked out: first inside brackets and roots, then what is '
            . 'multiplied, then what is added or taken away.',
    ],
    'deeper' => [
        'numbers' => 'That is an agreement: without it 2 + 3 · 4 would be two numbers. Brackets say where another '
            . 'order is meant.',
    ],
];
