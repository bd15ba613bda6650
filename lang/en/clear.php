<?php

declare(strict_types=1);

return [
    'refusal' => 'Clearing denominators is for an equation in which the letter stands below a line.',
    'refusal-degree' => 'Without its denominators the equation is of a degree for which there is no way here.',
    'advice' => 'Both sides times :denominator, then every candidate into the original.',
    'read' => [
        'why' => ':letter stands below a line: whatever makes a denominator 0 cannot solve it.',
    ],
    'factor' => [
        'title' => 'Factor the denominators',
        'why' => 'As products they show what they have in common.',
    ],
    'common' => [
        'ask' => 'What is the least common denominator?',
        'title' => 'The least common denominator: :denominator',
        'why' => 'Each denominator goes into it: every factor stands there as often as in the one where it stands most '
            . 'often. Divided by each, it shows what that one lacks.',
    ],
    'excluded' => [
        'title' => 'Excluded: :places',
        'why' => 'There a denominator is 0, and nothing is divided by 0. That is said before anything is multiplied.',
        'ask' => 'Which numbers can :letter not be?',
    ],
    'clear' => [
        'title' => 'Multiply both sides by :denominator',
        'why' => 'Every term is multiplied by it; what stands below cancels, and no denominator is left.',
    ],
    'test' => [
        'why-excluded' => 'It is excluded: a denominator of the original becomes 0.',
        'why-holds' => 'It is not excluded, and both sides, worked out apart, come to the same.',
        'rejected' => 'excluded',
    ],
    'left' => [
        'why-all' => 'No candidate is excluded.',
        'why' => 'What is excluded is struck out, the rest solves the original.',
        'why-none' => 'Every candidate is excluded.',
    ],
    'all' => [
        'title' => 'Every number but what is excluded',
        'title-every' => 'Every number',
        'why' => 'The last line is true whatever :letter is: so every number solves the equation, but for :places, '
            . 'where a denominator is 0.',
        'why-every' => 'The last line is true whatever the letter is, and no denominator is ever 0.',
    ],
    'check' => [
        'all-why' => 'Any number that is not excluded would do: both sides come to the same.',
        'none-why' => 'Multiplying keeps every solution, and nothing solves the last line, so nothing solves the '
            . 'first.',
    ],
];
