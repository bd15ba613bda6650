<?php

declare(strict_types=1);

return [
    'read' => [
        'why' => 'There are :count brackets to multiply. Degrees add when powers multiply: :degrees = :degree, so the answer starts with :first.',
    ],
    'tidy' => [
        'title' => 'Put every bracket in standard form',
    ],
    'order' => [
        'why' => 'The order of factors is free but changes the work. This way takes :count single products in all; the other bracket waits.',
    ],
    'standard' => [
        'title-next' => 'Write the product; the next bracket comes back',
        'why-next' => 'Tidied up before the next bracket is multiplied, there is less to carry along.',
    ],
];
