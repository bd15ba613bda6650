<?php

declare(strict_types=1);

return [
    'advice-apart' => 'One product only: the grid is a single cell.|A place for each of the :count products, so none '
        . 'is forgotten.',
    'advice' => 'One product only: the grid is a single cell.|A place for each of the :count products, so none is '
        . 'forgotten; like terms line up on diagonals.',
    'advice-small' => 'A small grid of four cells: the clearest picture for a first look.',
    'advice-gaps' => 'Powers are missing here, and the grid holds their places: the safest way.',
    'advice-stages' => 'One grid after another, :stages in all, with :count products: long, but nothing gets lost.',
    'size' => [
        'title' => 'The grid has :columns and :rows',
        'columns' => 'one column|:count columns',
        'rows' => 'one row|:count rows',
        'why-degrees' => 'Degree :topDegree needs a column for every power down to the number: :columns. Degree '
            . ':sideDegree needs :rows rows.',
        'why-terms' => 'One column for each term of one factor, one row for each term of the other.',
        'ask' => 'How many cells will the grid have?',
    ],
    'edges' => [
        'title' => 'Write the terms on the edges',
        'why' => 'Powers fall along both edges, each term with its own sign. Which factor goes where is free.',
        'why-top' => 'Powers fall along both edges, each term with its own sign. Which factor goes where is free; the '
            . 'longer one has more room along the top.',
        'why-side' => 'Powers fall along both edges, each term with its own sign. Which factor goes where is free; '
            . 'here the longer one stands down the side.',
        'why-terms' => 'Every term keeps its own sign. Which factor goes where is free.',
    ],
    'zeros' => [
        'title' => 'Fill what a 0 stands before',
        'why' => 'Anything times 0 is 0: this settles one cell at once.|Anything times 0 is 0: this settles :count '
            . 'cells at once.',
    ],
    'cell' => ['title' => 'Row :row, column :column: :top times :side'],
    'single' => [
        'title' => ':total goes into the answer as it is',
        'why' => 'Its diagonal has no other cell.',
        'why-like' => 'There is nothing like it to be added.',
    ],
    'corners' => [
        'title' => 'The first and last terms are known',
        'why' => 'Like terms lie on the diagonals, one diagonal for each degree. The two corner cells stand alone, so '
            . 'they go into the answer as they are.',
    ],
    'alone' => [
        'title-none' => 'No two terms are alike',
        'why-none' => 'Like terms have exactly the same letters and exponents. Here each stands alone, so all of them '
            . 'go into the answer as they are.',
        'title' => 'Mark the like terms',
        'why' => 'Like terms have exactly the same letters and exponents. A term without a partner goes into the '
            . 'answer as it is.',
    ],
    'diagonal' => [
        'title' => 'Add the diagonal of :letters',
        'title-like' => 'Add the terms in :letters',
        'title-constant' => 'Add the numbers',
    ],
];
