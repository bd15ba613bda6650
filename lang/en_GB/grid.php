<?php

declare(strict_types=1);

return [
    'edges' => [
        'why' => 'Powers fall along both edges, each term with its own sign. Which bracket goes where is free.',
        'why-top' => 'Powers fall along both edges, each term with its own sign. Which bracket goes where is free; '
            . 'the longer one has more room along the top.',
        'why-side' => 'Powers fall along both edges, each term with its own sign. Which bracket goes where is free; '
            . 'here the longer one stands down the side.',
        'why-terms' => 'Every term keeps its own sign. Which bracket goes where is free.',
    ],
    'size' => [
        'why-terms' => 'One column for each term of one bracket, one row for each term of the other.',
    ],
];
