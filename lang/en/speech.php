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
    'root-index' => 'the root of index',
    'root-index-of' => 'of',
    'end-root' => 'end root',
    'plus-minus' => 'plus or minus', 'either-sign' => 'plus or minus', 'gap' => 'gap',
    'or' => 'or', 'cancels' => 'which cancels',
];
