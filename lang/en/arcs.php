<?php

declare(strict_types=1);

return [
    'advice' => 'Only :count places to fill, each by one short sum: the least writing, if you can hold a sum in your '
        . 'head.',
    'advice-small' => 'Three places, one of them a sum of two products: the same as first, outer, inner, last.',
    'advice-fractions' => 'Each place at once, but adding fractions in the head is hard: a grid is kinder here.',
    'advice-stages' => 'Two factors at a time, each coefficient at once: the least writing for :stages rounds.',
    'refusal-letters' => 'Going by degree needs a single letter. With several, use the grid or go term by term.',
    'refusal-single' => 'Going by degree needs two terms or more in each factor. Here simply multiply term by term.',
    'blanks' => [
        'title' => 'Leave :count places for the answer',
        'why' => 'Degree :left and degree :right add to :degree, so there is a place for every power from :degree '
            . 'down to 0: :count places.',
        'why-powers' => 'Degree :left and degree :right add to :degree, so there is a place for every power from '
            . ':degree down to 0: :count places. :letter counts as :one, a number alone as :none.',
        'ask' => 'How many places will the answer have?',
    ],
    'place' => [
        'title-first' => 'First times first: the place of :letter',
        'title-last' => 'Last times last: the number at the end',
        'title-middle' => 'The place of :letter',
        'title-single' => 'The place of :letter',
        'why-first' => 'Only the two leading terms reach degree :degree.',
        'why-last' => 'Only the two numbers make a number.',
        'why-middle' => 'One pair has exponents that add to :degree.|These :count pairs have exponents that add to '
            . ':degree; their products are added.',
        'why-single' => 'One pair has exponents that add to 1.|These :count pairs have exponents that add to 1: a '
            . 'letter times a number, both ways round.',
        'why-none' => 'Every pair here has a 0 in it, so nothing of this degree turns up.',
        'ask' => 'What stands in the place of degree :degree?',
    ],
    'twin' => [
        'title' => 'The same with whole numbers: :left × :right',
        'why' => 'Put 10 for :letter and the coefficients become digits. The sums at the places are the same; only '
            . 'the carrying is new.',
    ],
];
