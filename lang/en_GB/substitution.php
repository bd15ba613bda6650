<?php

declare(strict_types=1);

return [
    'back' => [
        'why-straight' => 'It is factorised as a quadratic in :something.',
        'why-straight-two' => 'It is factorised as a trinomial in :something and :other.',
    ],
    'formula' => ['title' => 'It does not factorise: the discriminant'],
];
