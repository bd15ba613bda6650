<?php

declare(strict_types=1);

return [
    'plus' => 'plus', 'minus' => 'minus', 'opposite' => 'minus', 'times' => 'times', 'equals' => 'equals',
    'open' => 'open parenthesis',
    'close' => 'close parenthesis',
    'over' => 'over',
    'squared' => 'squared',
    'cubed' => 'cubed',
    'to-the' => 'to the power', 'end-power' => 'end power', 'fraction' => 'fraction', 'end-fraction' => 'end fraction',
    'root-of' => 'the square root of',
    'cube-root-of' => 'the cube root of',
    'root-index' => 'the root of index',
    'root-index-of' => 'of',
    'end-root' => 'end root',
    'plus-minus' => 'plus or minus', 'either-sign' => 'plus or minus', 'gap' => 'gap',
    'index' => 'sub',
    'one' => 'one',
    'part-2' => 'half / halves',
    'part-3' => 'third / thirds',
    'part-4' => 'quarter / quarters',
    'part-5' => 'fifth / fifths',
    'part-6' => 'sixth / sixths',
    'part-7' => 'seventh / sevenths',
    'part-8' => 'eighth / eighths',
    'part-9' => 'ninth / ninths',
    'part-10' => 'tenth / tenths',
    'part-12' => 'twelfth / twelfths',
    'or' => 'or', 'cancels' => 'which cancels',
];
