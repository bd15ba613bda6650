<?php

declare(strict_types=1);

return [
    'job' => [
        'multiply' => 'Multiply', 'factor' => 'Factor', 'complete-square' => 'Complete the square',
        'divide' => 'Divide', 'solve' => 'Solve', 'rearrange' => 'Rearrange',
        'show' => 'Show that both sides are the same',
        'simplify' => 'Simplify',
    ],
    'method' => [
        'multiply' => [
            'grid' => 'Grid', 'term-by-term' => 'Term by term', 'by-degree' => 'Degree by degree',
            'by-place' => 'Place by place',
            'columns' => 'In columns', 'special' => 'Special product',
        ],
        'factor' => [
            'special' => 'Special form', 'grouping' => 'Grouping', 'substitution' => 'A quadratic in something',
            'sum-product' => 'Sum and product', 'split-middle' => 'Split the middle',
            'product-grid' => 'Product grid', 'cross' => 'Cross products', 'trial' => 'Trial factors',
            'scale' => 'Scaling', 'scale-why' => 'Why scaling works',
            'rational-roots' => 'Rational roots',
        ],
        'show' => ['both-sides' => 'Each side by itself', 'simplifying' => 'Each side simplified'],
        'solve' => [
            'balance' => 'In balance',
            'isolate-roots' => 'Isolating roots',
            'clear-denominators' => 'Clearing denominators', 'powers' => 'Powers and roots undone',
            'substitution' => 'A quadratic in something',
            'factoring' => 'By factoring',
            'square-roots' => 'Square roots',
            'completing-square' => 'Completing the square',
            'rational-roots' => 'Rational roots',
            'real-roots' => 'Between which decimals',
            'formula' => 'Quadratic formula',
        ],
        'divide' => [
            'term-by-term' => 'Term by term',
            'long' => 'Long division', 'synthetic' => 'Synthetic division', 'grid' => 'Grid, filled backwards',
            'bridge' => 'From long to synthetic',
        ],
        'simplify' => [
            'collect' => 'Like terms', 'powers' => 'Laws of powers', 'cancel' => 'Cancelling',
            'combine' => 'One denominator', 'radicals' => 'Roots',
        ],
        'rearrange' => ['balance' => 'In balance', 'formula' => 'By the quadratic formula'],
        'complete-square' => ['equation' => 'The equation, solved', 'vertex' => 'Vertex form'],
    ],
    'round' => 'Round :number: :phase',
    'phase' => [
        'reading' => 'Reading',
        'setting-up' => 'Setting up',
        'multiplying' => 'Multiplying',
        'dividing' => 'Dividing',
        'isolating' => 'Squaring',
        'compressing' => 'Striking out',
        'collecting' => 'Collecting',
        'hunting' => 'Hunting',
        'writing' => 'Writing',
        'completing' => 'Completing',
        'tidying' => 'Tidying up',
        'discriminant' => 'Discriminant',
        'solving' => 'Solving',
        'finishing' => 'Finishing',
        'twin' => 'Whole-number twin',
        'left-side' => 'Left side',
        'right-side' => 'Right side',
        'checking' => 'Checking',
    ],
];
