<?php

declare(strict_types=1);

return [
    'tidy' => [
        'title' => 'Put both in descending powers',
    ],
];
