<?php

declare(strict_types=1);

return [
    'none' => [
        'why-cubic' => ':polynomial has no rational root. A cubic that factorises has a linear factor, so this one is '
            . 'prime.',
    ],
    'complete' => ['why' => 'No factor that is left can be factorised further over the integers.'],
];
