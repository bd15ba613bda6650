<?php

declare(strict_types=1);

return [
    'title' => 'Tutor',
    'wanted' => 'Lessons and learners are kept behind the tutor’s passphrase.',
    'first-title' => 'Set your passphrase',
    'first-lead' => 'Lessons, learners and their work are seen by you alone. Choose a passphrase once; it is kept on '
        . 'this machine only as a hash, and nobody can read it back to you.',
    'first-hint' => 'At least :least signs; a few words you can remember are better than one hard one.',
    'forgotten' => 'Forgotten? On the machine Runel runs on: php artisan runel:passphrase',
    'elsewhere' => 'There is no passphrase yet. It can only be set on the machine Runel runs on.',
    'enter-title' => 'Passphrase',
    'passphrase' => 'Passphrase',
    'wanted-new' => 'New passphrase',
    'again' => 'The same again',
    'remember' => 'Stay signed in on this computer for a month',
    'enter' => 'Sign in',
    'set' => 'Set it',
    'in-title' => 'You are signed in',
    'leave' => 'Sign out',
    'leave-hint' => 'After two hours without a page you are signed out by yourself.',
    'everywhere-title' => 'Sign out everywhere',
    'everywhere-hint' => 'On every computer, this one too.',
    'everywhere' => 'Sign out everywhere',
    'change-title' => 'Another passphrase',
    'now' => 'Passphrase now',
    'change' => 'Change it',
    'keep-title' => 'How long records are kept',
    'keep' => 'Ask me about learners without work for (months)',
    'save' => 'Save',
    'export-title' => 'Everything as one file',
    'export-hint' => 'Lessons, learners, their work, sets and shelf as JSON lines and tables in a zip. It comes back '
        . 'with php artisan runel:import. Runel keeps no copy of it: where you put it, it is yours to guard and to '
        . 'delete.',
    'export' => 'Export everything',
    'unfit' => 'That cannot be the passphrase: it takes at least 10 signs, at most 72 bytes, and the same both times.',
    'is-set' => 'There is a passphrase already.',
    'wrong' => 'That is not the passphrase. After five tries you have to wait a minute.',
    'too-many' => 'Too many tries. Wait a second.|Too many tries. Wait :count seconds.',
    'is-out' => 'You are signed out.',
    'all-out' => 'You are signed out on every computer.',
    'is-changed' => 'It is changed.',
    'months-wrong' => 'The months have to be a whole number from 1 to 120.',
];
