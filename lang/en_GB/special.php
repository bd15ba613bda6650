<?php

declare(strict_types=1);

return [
    'put' => [
        'why' => 'Each term goes in as a whole, in brackets where it needs them.',
    ],
];
