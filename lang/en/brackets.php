<?php

declare(strict_types=1);

return [
    'target' => [
        'title' => 'Try whole factors',
        'why-sum' => 'The most even factors first, since large middles need uneven ones. Outer plus inner has to be '
            . ':target. There is only one to look at.|The most even factors first, since large middles need uneven '
            . 'ones. Outer plus inner has to be :target. There are :count to look at.',
    ],
    'trial' => [
        'title' => ':first times :second',
        'title-fits' => ':first times :second: found',
        'misses-sum' => 'Outer :outer and inner :inner make :total, not :target.',
        'fits-sum' => 'Outer :outer and inner :inner make :total.',
        'shares' => 'At sight: the terms of one factor share a divisor, the trinomial\'s do not. Indeed :total, not '
            . ':target.',
        'repaired' => 'Outer :outer and inner :inner make :total: the right size with the wrong sign. Swap the signs '
            . 'instead of starting over.',
        'ask' => 'What do outer and inner product of :first and :second add to, in front of the letter?',
    ],
]
;
