<?php

declare(strict_types=1);

return [
    'read' => [
        'why' => 'There are :count brackets to multiply. Degrees add when powers multiply: :degrees = :degree, so the '
            . 'highest power in the answer is :first.',
    ],
    'tidy' => [
        'title' => 'Put every bracket in descending powers',
        'title-side' => 'Write the brackets side by side',
        'why-side' => 'What stands outside the brackets goes in front as one term; the value stays the same.',
        'why-power' => 'A power is the same bracket several times: now it can be multiplied out.',
    ],
    'order' => [
        'why-minuses' => 'Every order takes :count single products. The brackets with minus signs come first, while '
            . 'the terms are few.',
    ],
    'standard' => [
        'title-next' => 'Write the product; the next bracket comes back',
        'why-next' => 'Tidied up before the next bracket is multiplied, there is less to carry along.',
        'title' => 'Write the answer in descending powers',
        'ask' => 'What is the product, in descending powers?',
    ],
    'sum' => [
        'ask-all' => 'What is the whole, in descending powers?',
    ],
];
