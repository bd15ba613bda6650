<?php

declare(strict_types=1);

return [
    'target' => [
        'title' => 'Try whole factors',
        'why-sum' => 'The most even factors first, since large middles need uneven ones. Outer plus inner has to be '
            . ':target. There is only one to look at.|The most even factors first, since large middles need uneven '
            . 'ones. Outer plus inner has to be :target. There are :count to look at.',
        'why-either' => 'Plain numbers first, the most even factors before the others. Outer and inner have to make '
            . ':target by adding or subtracting. There is only one to look at.|Plain numbers first, the most even '
            . 'factors before the others. Outer and inner have to make :target by adding or subtracting. There are '
            . ':count to look at.',
    ],
    'trial' => [
        'title' => ':first times :second',
        'title-fits' => ':first times :second: found',
        'title-either' => ':first with :r, :second with :s',
        'title-either-fits' => ':first with :r, :second with :s: found',
        'misses-sum' => 'Outer :outer and inner :inner make :total, not :target.',
        'misses-either' => 'Outer :outer and inner :inner: the sum is :total, the difference :difference, neither is '
            . ':target.',
        'signs' => 'Outer :outer and inner :inner could make :target, but with signs that give the wrong last term.',
        'fits-sum' => 'Outer :outer and inner :inner make :total.',
        'fits-difference' => 'Outer :outer and inner :inner: the difference is :target.',
        'shares-either' => 'At sight, whatever the signs: the terms of one factor share a divisor, the trinomial\'s do '
            . 'not.',
        'shares' => 'At sight: the terms of one factor share a divisor, the trinomial\'s do not. Indeed :total, not '
            . ':target.',
        'repaired' => 'Outer :outer and inner :inner make :total: the right size with the wrong sign. Swap the signs '
            . 'instead of starting over.',
        'ask-sum' => 'What is the sum of outer :outer and inner :inner?',
        'ask-difference' => 'What is the difference of outer :outer and inner :inner?',
        'ask' => 'What do outer and inner product of :first and :second add to, in front of the letter?',
    ],
]
;
