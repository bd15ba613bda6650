<?php

declare(strict_types=1);

return [
    'square' => [
        'write' => 'It is a perfect square: the same bracket twice.',
    ],
];
