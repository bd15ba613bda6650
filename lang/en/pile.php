<?php

declare(strict_types=1);

return [
    'title' => 'Marking',
    'lead' => 'Paste a page or a whole pile, or choose a file. Every line is judged by whether it follows from the '
        . 'learner’s own line before.',
    'text' => 'The work',
    'text-hint' => 'A name, the problem, the lines under it, an empty line, the next. Markdown headings and a table '
        . 'with the columns learner, problem, lines are read too.',
    'common' => 'One problem for all of them (where the pages do not name their own)',
    'file' => 'Or a file: text, Markdown or CSV',
    'mark-it' => 'Mark it',
    'sample' => 'Try it with a made-up pile',
    'privacy' => 'Nothing is stored: names and work are gone when this page is closed. Download the marked sheet if '
        . 'you want to keep it.',
    'slips' => 'Which slips, how often, whose',
    'slip' => 'Slip',
    'times' => 'How often',
    'whose' => 'Whose',
    'unnamed' => 'nobody named',
    'no-slips' => 'No slip has been found in this pile.',
    'teach-next' => 'To teach next',
    'pieces' => '{1}One piece of work|[2,*]:count pieces of work',
    'lines' => '{1}:right of one line|[0,*]:right of :count lines follow',
    'finished' => 'finished',
    'unfinished' => 'not finished',
    'mark' => 'Mark',
    'remark' => 'Remark',
    'own' => 'Your own mark and remark',
    'take' => 'Marked sheet',
    'print' => 'Print',
    'again' => 'The work as it was handed in',
    'left' => '{1}Pieces :first to :last are marked; one more piece is left.|[2,*]Pieces :first to :last are marked; '
        . ':count more are left.',
    'go-on' => 'Go on with the next',
    'from-first' => 'Back to the first pieces',
    'draft' => 'Your marks, remarks and words stay in this browser, for this pile, until you clear them.',
    'draft-clear' => 'Clear them',
    'count-anew' => 'Count anew with my words',
    'empty' => 'There is nothing to mark yet: paste a problem and the lines under it.',
    'binary' => 'This is no text. Runel reads plain text, Markdown and CSV; a document or a picture has to be typed '
        . 'off or exported first.',
    'too-large' => 'This is too large: up to :limit KB are read at once. Mark it in parts.',
    'upload-failed' => 'The file did not arrive. Choose it once more, or paste its text.',
    'all-right' => 'Every line follows.',
    'try' => 'To this problem as your turn',
    'wants' => [
        'no-lines' => 'no line carries the work on',
        'wrong-line' => 'the last line is not true to the problem',
        'not-factored-completely' => 'it is not factored completely',
        'not-collected' => 'it is not worked out yet',
        'not-lowest-terms' => 'a fraction is not in lowest terms',
        'root-not-simplified' => 'a root is not simplified',
        'extraneous-kept' => 'one of these does not solve the problem',
        'root-lost' => 'a solution is missing',
        'unknown-not-alone' => 'the letter does not stand alone yet',
        'remainder-left-out' => 'it is not divided out',
        'not-judged' => 'what the last line says could not be judged',
        'sides-not-met' => 'both sides have to come to the same',
        'not-a-square' => 'the letter has to stand once, in the square',
    ],
];
