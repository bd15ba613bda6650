<?php

declare(strict_types=1);

return [
    'factor' => ['title' => 'Factorise the denominators'],
];
