<?php

declare(strict_types=1);

return [
    'title' => 'But why?',
    'law' => [
        'side' => 'Both sides are one and the same number, whatever the letters stand for.',
        'numbers' => 'These are numbers, and they are worked out: first inside parentheses and roots, then what is '
            . 'multiplied, then what is added or taken away.',
        'rejected' => 'A solution makes both sides of the first equation the same number, and this one does not.',
        'solved' => 'Each number written here solves the line before, and no other does.',
        'equal' => 'Both lines are one and the same number, whatever the letters stand for: only the writing has '
            . 'changed.',
        'rewritten' => 'Only the writing has changed: each side is the number it was, so the same numbers solve it.',
        'take-left-side' => 'The left side is worked out by itself; what stands on the right waits for it.',
        'root-squared' => 'The square of a root is what stands under it, wherever that root has a value.',
        'add' => 'What is equal stays equal when the same is added to it. Taking it away again undoes that, so no '
            . 'solution is lost and none comes in.',
        'subtract' => 'What is equal stays equal when the same is taken from it. Adding it again undoes that, so no '
            . 'solution is lost and none comes in.',
        'multiply' => 'What is equal stays equal when it is taken the same number of times. Dividing undoes that; '
            . 'only times 0 could not be undone.',
        'divide' => 'What is equal stays equal when it is shared out the same way. Multiplying undoes that; only by '
            . '0 nothing can be shared out.',
        'zero-product' => 'Two numbers that are both not 0 have a product that is not 0. So where the product is 0, '
            . 'one of them has to be; and where one of them is, the product is.',
        'square-both-sides' => 'What is equal has equal squares. But 3 and −3 are different and have equal squares, '
            . 'too: so no solution is lost, and some may come in.',
        'root-both-sides' => 'Each positive number is the square of two numbers, one the opposite of the other, and '
            . 'of no third: so both are written, and no other.',
        'swap-sides' => 'Equal is equal either way: a = b and b = a say the same.',
        'join-branches' => 'A number solves it when it solves one of the branches: all of them together are all '
            . 'there is.',
        'compare-coefficients' => 'Two polynomials that are equal for every number have the same coefficients.',
        'remainder-is' => 'Where the divisor is 0, nothing but the remainder is left.',
    ],
    'see' => 'See it with :numbers.',
    'see-solved' => ':numbers solves it. Put into the line before and into this one, both sides agree each time.',
    'before' => 'The line before',
    'after' => 'This line',
    'none' => 'Nothing is written here that could be asked about: a line is, one step further.',
];
