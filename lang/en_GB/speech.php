<?php

declare(strict_types=1);

return [
    'open' => 'open bracket',
    'close' => 'close bracket',
];
