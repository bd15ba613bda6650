<?php

declare(strict_types=1);

return [
    'read-as' => 'This follows, read as :line. Brackets below the fraction line make that plain.',
];
