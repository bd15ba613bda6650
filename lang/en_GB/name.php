<?php

declare(strict_types=1);

return [
    'job' => ['factor' => 'Factorise'],
    'method' => ['trial' => 'Trial brackets', 'factoring' => 'By factorising'],
];
