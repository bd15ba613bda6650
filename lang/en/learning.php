<?php

declare(strict_types=1);

return [
    'title' => 'Learned from your own lines',
    'ask' => 'Write one example as your school writes it',
    'ask-hint' => 'The problem in the first line, its lines below. An empty line, then another example of the same '
        . 'kind.',
    'example' => "2x² + 12x − 14 = 0\nx² + 6x − 7 = 0\nx² + 6x = 7\nx² + 6x + 9 = 7 + 9\n(x + 3)² = 16",
    'go' => 'Find our habits',
    'again' => 'Try again',
    'lines' => 'Write the problem, and below it one line to :most lines.',
    'examples' => 'One example to :most examples, an empty line between them.',
    'jobs' => 'The examples are of different kinds: take one kind at a time.',
    'no-way' => 'There is no way that all of these problems can go.',
    'none' => 'No line of these is written by any road that Runel knows, so nothing has been set.',
    'found' => '{1} One of :of lines is written by this road.|[2,*] :count of :of lines are written by this road.',
    'way' => 'The way: :method',
    'set' => 'What is set for it',
    'usual' => 'Nothing has to be set: it is the usual style.',
    'wrong' => 'This line is wrong, so nothing has been learned from it.',
    'unread' => 'This line could not be read.',
    'other' => 'No habit that Runel knows writes this.',
    'contradicted' => 'The examples contradict one another here: :keys. What most of them show has been set.',
    'ours' => 'Runel’s board in this style',
    'theirs' => 'Your lines',
    'keep' => 'Keep this style',
    'name' => 'under the name',
    'board' => 'See it on the board',
];
