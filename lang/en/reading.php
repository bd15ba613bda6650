<?php

declare(strict_types=1);

// Words by which things are known when they are read: lists, with commas between the words.
return [
    'learner' => 'learner, name, pupil, student',
    'problem' => 'problem, task, exercise, question',
    'answer' => 'no solution, no solutions, no real solution, no real solutions, none, all numbers, every number',
    'item' => [
        'goal' => 'goal',
        'note' => 'note',
        'demonstration' => 'worked example, demonstration',
        'your-turn' => 'your turn',
        'two-ways' => 'another way, two ways',
        'warning' => 'the usual slip, warning',
        'slip-to-find' => 'find the slip, a page with a slip',
        'set' => 'practice, set',
    ],
];
