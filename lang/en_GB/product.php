<?php

declare(strict_types=1);

return [
    'tidy' => [
        'title' => 'Put every factor in descending powers',
        'why-side' => 'What stands outside the brackets goes in front as one term; the value stays the same.',
        'why-power' => 'A power is the same bracket several times: now it can be multiplied out.',
    ],
    'standard' => [
        'why-turned' => 'It stands in front of the whole product, so the product keeps its brackets.',
        'title' => 'Write the answer in descending powers',
        'ask' => 'What is the product, in descending powers?',
    ],
    'sum' => [
        'ask-all' => 'What is the whole, in descending powers?',
    ],
];
