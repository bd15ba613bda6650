<?php

declare(strict_types=1);

return [
    'target' => ['title' => 'Try whole brackets'],
    'trial' => [
        'shares-either' => 'At sight, whatever the signs: the terms of one bracket share a divisor, the trinomial\'s '
            . 'do not.',
        'shares' => 'At sight: the terms of one bracket share a divisor, the trinomial\'s do not. Indeed :total, not '
            . ':target.',
    ],
];
