<?php

declare(strict_types=1);

return [
    'title' => 'House style',
    'lead' => 'Write as the learner\'s own school writes. Every board, file and sheet follows.',
    'keep' => 'Keep this style',
    'kept' => 'The house style is kept on this computer.',
    'where' => 'Kept in a cookie on this computer only, and written into every address you share.',
    'sample' => 'factor, parentheses',
    'key' => [
        'words' => 'Words',
        'times' => 'Times sign',
        'grid-long-edge' => 'The longer factor in a grid',
        'outer-terms-first' => 'Outer cells of a grid',
        'middle-terms' => 'The two middle terms',
        'verdict' => 'The verdict beforehand',
        'minus-one' => 'A leading minus taken out',
        'cross-signs' => 'Signs in cross products',
        'check-by' => 'Multiply back by',
        'favourite' => 'My favourite way to factor',
    ],
    'value' => [
        'words' => ['us' => 'American', 'uk' => 'British'],
        'times' => ['dot' => 'A dot', 'cross' => 'A cross', 'none' => 'No sign'],
        'grid-long-edge' => ['top' => 'Along the top', 'side' => 'Down the side', 'as-given' => 'First one on top'],
        'outer-terms-first' => ['off' => 'Cell by cell', 'on' => 'First and last cell first'],
        'middle-terms' => ['written' => 'Both written', 'in-head' => 'Added in the head'],
        'verdict' => ['shown' => 'Said at once', 'held' => 'Held back'],
        'minus-one' => ['outside' => 'Left outside', 'inside' => 'Into one factor'],
        'cross-signs' => ['first' => 'Signs first', 'last' => 'Signs last'],
        'check-by' => ['term-by-term' => 'Term by term', 'grid' => 'A grid', 'by-degree' => 'Degree by degree', 'columns' => 'Columns'],
        'favourite' => ['none' => 'None', 'sum-product' => 'Sum and product', 'split-middle' => 'Split the middle', 'product-grid' => 'Product grid', 'cross' => 'Cross products', 'trial' => 'Trial factors', 'scale' => 'Scaling'],
    ],
];
