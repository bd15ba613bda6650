<?php

declare(strict_types=1);

return [
    'none' => [
        'why-cubic' => ':polynomial has no rational root. A cubic that factorises has a linear factor, so this one '
            . 'does not factorise.',
    ],
    'complete' => [
        'why' => 'No factor that is left can be factorised further over the integers.',
        'title-prime' => 'It does not factorise',
    ],
    'rest' => [
        'title-prime' => 'The quadratic does not factorise',
    ],
];
