<?php

declare(strict_types=1);

// What is the matter with the place where things are kept, and what helps.
return [
    'locked' => 'Somebody else is writing to the database at this moment, and was not done in time. Nothing was '
        . 'written.',
    'full' => 'The disk is full, so nothing can be written any more. What is kept is safe.',
    'read-only' => 'The database may only be read, not written. What is kept is safe.',
    'damaged' => 'The database cannot be read: it is damaged. Nothing was written.',
    'missing' => 'The database is not there, or may not be opened.',
    'other-form' => 'The database has another form than this version of Runel writes.',
    'storage' => 'The folder storage/ cannot be written, so this page cannot be shown.',
    'cure' => [
        'locked' => 'Wait a moment and send it again.',
        'full' => 'Make room on the disk of the machine Runel runs on, then send it again.',
        'read-only' => 'Give the file and its folder to whoever runs Runel: chown and chmod u+w on database/, then '
            . 'send it again.',
        'damaged' => 'End Runel and bring back one of its copies: bin/restore lists them and takes one back.',
        'missing' => 'Start Runel with bin/demo, which makes it; if it was lost, bin/restore brings a copy back.',
        'other-form' => 'End Runel and start it again with bin/demo, which brings the database into its present form.',
        'storage' => 'Give it to whoever runs Runel: chown -R on storage/ and bootstrap/cache/, then open the page '
            . 'again.',
    ],
];
