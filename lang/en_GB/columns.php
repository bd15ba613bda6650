<?php

declare(strict_types=1);

return [
    'advice-long' => 'Long brackets stay tidy: only coefficients, one row for each of the lower ones.',
];
