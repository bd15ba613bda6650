<?php

declare(strict_types=1);

return [
    'pair' => 'A pair in brackets is a point, or the numbers between two. Solutions are written one by one: '
        . ':letter = … or :letter = ….',
    'read-as' => 'This follows, read as :line. Brackets below the fraction line make that plain.',
];
