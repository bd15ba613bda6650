<?php

declare(strict_types=1);

return [
    'task' => ['factor' => 'Factorise fully:'],
];
