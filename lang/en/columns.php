<?php

declare(strict_types=1);

return [
    'advice' => 'Long multiplication as with whole numbers, without the letters.',
    'advice-gaps' => 'Only coefficients are written, with a 0 for each missing power: short, if no 0 is forgotten.',
    'advice-long' => 'Long factors stay tidy: only coefficients, one row for each of the lower ones.',
    'refusal-letters' => 'Columns of coefficients need a single letter. With several, use the grid or go term by term.',
    'refusal-single' => 'Columns need two terms or more in each factor. Here simply multiply term by term.',
    'set-up' => [
        'title' => 'Write the coefficients under one another',
        'why' => 'The place tells the power, so the letters can wait.',
        'why-gaps' => 'The place tells the power, so the letters can wait. The missing powers keep their places with '
            . 'a 0.',
    ],
    'row' => [
        'title' => 'The row of :multiplier',
        'why-first' => 'The last lower coefficient multiplies the whole upper row.',
        'why' => 'The next lower coefficient stands one power higher, so its row moves left by one more place: '
            . ':places in all.',
        'why-zero' => 'Times 0, so the whole row is 0.',
        'ask' => 'What is :multiplier times :first, the left end of the row?',
    ],
    'sum' => [
        'title' => 'Add the column of :power',
        'title-constant' => 'Add the last column',
        'why' => 'One column is one power, so everything in it is like. Nothing is carried.',
        'why-alone' => 'Only one number stands in this column.',
    ],
];
