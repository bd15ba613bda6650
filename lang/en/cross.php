<?php

declare(strict_types=1);

return [
    'target' => [
        'title' => 'Factors in columns, multiplied crosswise',
        'why-sum' => 'Factors of the first coefficient on the left, of the last on the right. The two cross products '
            . 'have to add to :target. There is only one arrangement.|Factors of the first coefficient on the left, '
            . 'of the last on the right. The two cross products have to add to :target. There are :count arrangements '
            . 'to look at.',
        'why-difference' => 'Factors of the first coefficient on the left, of the last on the right. The two cross '
            . 'products have to differ by :target. There is only one arrangement.|Factors of the first coefficient on '
            . 'the left, of the last on the right. The two cross products have to differ by :target. There are :count '
            . 'arrangements to look at.',
        'why-either' => 'Plain numbers first: factors of the first coefficient on the left, of the last on the right. '
            . 'The cross products have to make :target by adding or subtracting. There is only one arrangement.|Plain '
            . 'numbers first: factors of the first coefficient on the left, of the last on the right. The cross '
            . 'products have to make :target by adding or subtracting. There are :count arrangements.',
    ],
    'trial' => [
        'title' => ':m and :n with :r and :s',
        'title-fits' => ':m and :n with :r and :s: found',
        'misses-sum' => 'Cross products :outer and :inner: the sum is :total, not :target.',
        'misses-difference' => 'Cross products :outer and :inner: the difference is :total, not :target.',
        'misses-either' => 'Cross products :outer and :inner: the sum is :total, the difference :difference, neither '
            . 'is :target.',
        'signs' => 'Cross products :outer and :inner: they could make :target, but with signs that give the wrong '
            . 'last term.',
        'fits-sum' => 'Cross products :outer and :inner: the sum is :total.',
        'fits-difference' => 'Cross products :outer and :inner: the difference is :target.',
        'ask' => 'What is the sum of the cross products :outer and :inner?',
        'ask-difference' => 'What is the difference of the cross products :outer and :inner?',
    ],
    'signs' => [
        'title' => 'Now the signs',
        'why-same' => 'The last term is positive: both products take the sign of the middle.',
        'why-opposite' => 'The last term is negative: one plus, one minus. The larger product carries the sign of the '
            . 'middle, :middle.',
        'option-fit' => 'The ones that fit',
        'option-turned' => 'The wrong ones, then swapped',
        'title-turned' => 'The signs, the wrong way round',
        'why-turned' => 'So put, the products make :total, not :middle: the right size with the wrong sign. Nothing is '
            . 'started over: the two signs are swapped.',
        'why-opposite-none' => 'The last term is negative: one plus, one minus. Both products are of the same size, so '
            . 'either may have the minus.',
        'why-last-none' => 'All four sign combinations; two of them make 0, and they give the same factors.',
        'why-last' => 'All four sign combinations; the one that makes :middle, with a product of :last, is right.',
    ],
]
;
