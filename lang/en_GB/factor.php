<?php

declare(strict_types=1);

return [
    'read' => [
        'why' => 'A sum is to be written as a product of brackets.',
        'why-equation' => 'To factorise an equation, one side has to be 0 first.',
        'why-zeroed' => 'One side is 0 already: the other one is what is to be factorised.',
    ],
    'verdict' => [
        'title' => 'Say beforehand: it will factorise',
        'title-prime' => 'Say beforehand: it will not factorise',
    ],
    'brackets' => [
        'title' => 'Write the brackets',
        'ask' => 'What is :trinomial, factorised?',
        'why-trial' => 'The brackets that fitted: :first and :second.',
        'why-edges' => 'The edges of the grid are the brackets: :first and :second.',
    ],
    'common-bracket' => [
        'why' => 'The bracket :bracket is common to both; what stood before them makes the other bracket: :left.',
        'ask' => 'What is it, factorised?',
    ],
    'complete' => [
        'title' => 'Factorised completely',
        'title-alone' => 'Factorised, with the minus in front',
        'why' => 'Each bracket\'s own common factor is 1: nothing more can be taken out.',
        'why-content' => 'Each bracket\'s own common factor is 1, and the one taken out stands in front.',
        'why-outside' => 'Each bracket\'s own common factor is 1; the minus stays in front.',
        'why-inside' => 'Each bracket\'s own common factor is 1; the −1 goes into exactly one bracket.',
    ],
    'refusal-rest' => 'With the common factor taken out, :rest is left. That is not a quadratic, so it cannot be '
        . 'factorised further here.',
    'standard' => [
        'title' => 'Write it in descending powers',
        'ask' => 'What is it in descending powers?',
    ],
    'content' => [
        'ask' => 'What is the highest common factor of all terms?',
    ],
    'grid' => [
        'why' => 'The highest common factor of :left and :right is :factor; where they share nothing, 1 is written.',
    ],
    'prime' => [
        'title' => 'It does not factorise over the integers',
        'title-inside' => 'What is left does not factorise over the integers',
    ],
];
