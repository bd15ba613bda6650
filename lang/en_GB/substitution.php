<?php

declare(strict_types=1);

return [
    'back' => ['why-straight' => 'It is factorised as a quadratic in :something.'],
    'formula' => ['title' => 'It does not factorise: the discriminant'],
];
