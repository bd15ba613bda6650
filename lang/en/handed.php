<?php

declare(strict_types=1);

return [
    'title' => 'Hand out',
    'lead' => 'Each learner gets an address of their own. It shows these problems and nothing else, it expires, and '
        . 'what is written there comes into their record.',
    'problems' => 'Problems, one a line',
    'problems-hint' => 'Left empty, each gets what is due for them today, freshly made.',
    'as' => 'Handed out as',
    'as-work' => 'problems to be worked',
    'as-page' => 'a page of work with one slip in it: found, mended, and taken to the end',
    'slip' => 'The slip on the page',
    'slip-any' => 'the first that makes a page',
    'no-page' => 'No page of work that somebody could have written comes of that slip on “:problem”. Choose another '
        . 'slip, or another problem.',
    'whom' => 'For whom',
    'groups' => 'Groups',
    'learners' => 'Learners',
    'days' => 'It can be opened for',
    'times' => 'one day|:count days',
    'hand' => 'Make the addresses',
    'nobody' => 'Choose whom it is for.',
    'nobody-yet' => 'There are no learners yet.',
    'nothing-due' => 'Nothing is due for them today. Type a problem, or come back when something is.',
    'too-many' => 'At most :most problems are handed out at once.',
    'made' => 'Addresses to hand out',
    'made-hint' => 'Copy each to its learner. Whoever has an address can work under it until it expires.',
    'open-here' => 'Open it here',
    'only-here' => 'As Runel is started now, these addresses are reached from this machine only. For others, start it '
        . 'with HOST.',
    'until' => 'until :moment',
    'taken-back' => 'The address opens nothing any more.',
    'take-back' => 'Take it back',
    'tasks' => 'Your problems',
    'open-until' => 'This page can be opened until :moment.',
    'done' => 'done',
    'to-do' => 'to do',
    'begun' => 'begun',
    'elsewhere' => 'Something was written here in another window or on another device. It stands above; what you '
        . 'typed is in the field.',
    'full' => 'This page holds :most lines, and they are full. Your work is kept as it stands.',
    'back' => 'All problems',
    'problem' => 'Problem :number',
];
