<?php

declare(strict_types=1);

return [
    'refusal' => 'Place by place multiplies two whole numbers of up to six digits.',
    'advice' => ':count places, each with what is carried into it.',
    'read' => [
        'title' => 'Read the problem',
        'why' => 'Two whole numbers: each digit counts its place, as each coefficient counts its power of the letter.',
    ],
    'title' => 'The place of :power',
    'title-ones' => 'The ones',
    'title-tens' => 'The tens',
    'title-hundreds' => 'The hundreds',
    'title-thousands' => 'The thousands',
    'why-carry' => ':total is too much for one place: :digit stays, :carry is carried to the next.',
    'why-carried' => 'With what was carried it is :total: a single digit, so it stays.',
    'why-stays' => ':total is a single digit: it stays.',
    'why-last' => 'It is the last place: :total is written in full.',
    'ask' => 'What does this place come to, with what was carried?',
    'product' => [
        'title' => 'Read the product',
        'why' => 'The digits that stayed, from left to right.',
    ],
    'check' => [
        'title' => 'Row by row',
        'why' => 'The first number times each digit of the second, with its zeros, then added.',
    ],
];
