<?php

declare(strict_types=1);

return [
    'adds' => [
        'brackets' => 'brackets',
        'minus-bracket' => 'a minus before a bracket',
        'prime' => 'nothing to factorise',
    ],
    'skill' => [
        'square-vertex' => 'Completed square form',
    ],
];
