<?php

declare(strict_types=1);

return [
    'refusal-not-quadratic' => 'This is not a quadratic trinomial in one letter, nor one in two letters with every '
        . 'term of degree 2.',
    'refusal-common' => 'Taking out the common factor finishes it: there is nothing to hunt. See the special forms.',
    'refusal-nothing' => 'There is no common factor to take out, and what stands here is not a quadratic.',
    'refusal-rest' => 'With the common factor taken out, :rest is left. That is not a quadratic, so it cannot be '
        . 'factored further here.',
    'refusal-leading' => 'This way is for a leading coefficient of 1; here it is :a.',
    'read' => [
        'title' => 'Read the problem',
        'why' => 'A sum is to be written as a product of factors.',
        'why-equation' => 'To factor an equation, one side has to be 0 first.',
        'why-zeroed' => 'One side is 0 already: the other one is what is to be factored.',
    ],
    'standard' => [
        'title' => 'Write it in standard form',
        'title-expand' => 'Multiply out and collect',
        'why-expand' => 'What stands in products cannot be compared; multiplied out and collected, first, middle and '
            . 'last coefficient can be read off.',
        'why' => 'Powers fall from left to right, like terms are together: now first, middle and last coefficient can '
            . 'be read off.',
        'ask' => 'What is it in standard form?',
    ],
    'swap' => [
        'title' => 'Exchange the sides',
        'why' => 'The square stands on the right alone; an equation can be read from either side.',
        'why-positive' => 'Gathered on that side the square keeps a plus; an equation can be read from either side.',
    ],
    'gather' => [
        'title' => 'Bring everything to one side',
        'title-expand' => 'Multiply out, then bring everything to one side',
        'why' => 'What stands on the right, :right, is taken from both sides: 0 is left there.',
        'why-across' => 'What stands on the right, :right, crosses over, and every sign of it turns.',
        'ask' => 'What is the equation with 0 on the right, like terms collected?',
    ],
    'clear' => [
        'title' => 'Multiply both sides by :by',
        'why-first' => 'Then no fraction is left on either side.',
        'why' => 'Then no fraction is left, and 0 times :by is still 0.',
        'why-decimals' => 'Then only whole numbers are left, and 0 times :by is still 0.',
        'ask' => 'What is left when both sides are multiplied by :by?',
    ],
    'content' => [
        'title' => 'Take out the common factor :content',
        'why' => 'Every term can be divided by :content, so it comes out once and for all.',
        'why-letter' => 'Every term holds :content, so it comes out once and for all.',
        'why-fraction' => 'With :content taken out, only whole numbers are left to hunt with.',
        'ask' => 'What is the greatest common factor of all terms?',
    ],
    'minus' => [
        'title' => 'Take out −1',
        'why' => 'The hunt wants a positive leading coefficient. Every sign inside turns.',
    ],
    'letters' => [
        'title' => 'The letters, then the numbers',
        'why' => ':square is :letter times :letter: each factor has one. The numbers are still to come.',
        'why-two' => ':square is :letter times :letter, and :last is :second times :second: each factor has one of '
            . 'each. The numbers are still to come.',
    ],
    'signs' => [
        'title-sum' => 'The signs: hunt for a sum',
        'title-difference' => 'The signs: hunt for a difference',
        'both-plus' => 'The last term :last is positive, so both numbers have the same sign; the middle :middle is '
            . 'positive, so both are plus.',
        'both-zero' => 'The last term :last is positive, so both numbers would have the same sign; without a middle '
            . 'term they would have to add to 0, and that cannot be.',
        'both-minus' => 'The last term :last is positive, so both numbers have the same sign; the middle :middle is '
            . 'negative, so both are minus.',
        'larger-plus' => 'The last term :last is negative, so the signs are opposite; the larger carries the sign of '
            . 'the middle: plus.',
        'larger-minus' => 'The last term :last is negative, so the signs are opposite; the larger carries the sign of '
            . 'the middle: minus.',
        'ask' => 'The last number is :last, the middle one :middle. How many of the two wanted will be negative: 0, 1 '
            . 'or 2?',
        'ask-opposite' => 'The last number is :last, and there is no middle term. How many of the two wanted will be '
            . 'negative: 0, 1 or 2?',
        'opposite' => 'The last term :last is negative, so the signs are opposite; there is no middle term, so both '
            . 'have the same magnitude.',
    ],
    'verdict' => [
        'title' => 'Say beforehand: it will factor',
        'title-prime' => 'Say beforehand: it will not factor',
        'title-after' => 'Why none could fit: the discriminant',
        'why' => 'The discriminant is a perfect square, the square of :root, so the hunt will succeed.',
        'why-prime' => 'The discriminant :value is not a perfect square, so no pair can fit. The hunt shows it.',
        'why-negative' => 'The discriminant :value is negative, so no pair can fit. The hunt shows it.',
        'why-prime-after' => 'The discriminant :value is not a perfect square, and with whole numbers that fit it '
            . 'would be one.',
        'why-negative-after' => 'The discriminant :value is negative, and with whole numbers that fit it would be a '
            . 'square.',
        'ask' => 'What is the discriminant, middle squared minus four times first times last?',
    ],
    'product' => [
        'title' => 'Multiply first and last coefficient',
        'why' => 'Two numbers are wanted: they multiply to this product and add to the middle coefficient.',
        'why-crossing' => 'The product goes above the crossing, the middle coefficient below.',
        'why-crossing-above' => 'The middle coefficient goes above the crossing, the product below.',
        'ask' => 'What is first times last coefficient?',
    ],
    'brackets' => [
        'title' => 'Write the factors',
        'ask' => 'What is :trinomial, factored?',
        'why-sum' => 'The two numbers go behind the letter, each with its own sign: :first and :second.',
        'why-rows' => 'Read along the rows: :first and :second.',
        'why-trial' => 'The factors that fitted: :first and :second.',
        'why-repaired' => 'The numbers fitted with exchanged signs, so the signs are swapped: :first and :second.',
        'why-edges' => 'The edges of the grid are the factors: :first and :second.',
        'why-denominators' => 'A denominator that is left moves in front of the letter; that uses up the number in '
            . 'front.',
    ],
    'split' => [
        'title' => 'Split the middle term',
        'why' => ':middle is written as :left and :right. The value stays the same; the order is free.',
        'option-small' => 'The smaller number first',
        'option-large' => 'The larger number first',
    ],
    'group' => [
        'title' => 'Group in twos',
        'why' => 'The first two terms and the last two.',
        'why-minus' => 'The first two terms and the last two. A minus before the second group turns every sign in it.',
    ],
    'take-out' => [
        'title' => 'Take the common factor out of each group',
        'why' => 'What is left in both groups is the same.',
        'why-minus' => 'The second factor takes the minus with it, so what is left in both groups is the same.',
        'ask' => 'What can be taken out of :group?',
    ],
    'common-bracket' => [
        'title' => 'Take out :bracket',
        'why' => ':bracket is common to both; what stood before them is the other factor: :left.',
        'ask' => 'What is it, factored?',
    ],
    'grid' => [
        'corners' => [
            'title' => 'First and last term in opposite corners',
            'why' => 'The product of the two corners is the product that was hunted.',
            'why-before' => 'The product of the two corners is what will be hunted; the grid waits for the pair.',
        ],
        'middle' => ['title' => 'The two middle terms in the other corners', 'why' => 'Either way round works.'],
        'row-1' => 'First row: :factor',
        'row-2' => 'Second row: :factor',
        'column-1' => 'First column: :factor',
        'column-2' => 'Second column: :factor',
        'why' => 'The greatest common factor of :left and :right is :factor; where they share nothing, 1 is written.',
        'why-minus' => ':left comes first of :left and :right and is negative, so their common factor is negative, '
            . 'too: :factor.',
        'ask' => 'What is the common factor of :left and :right?',
    ],
    'complete' => [
        'title' => 'Factored completely',
        'why' => 'Each factor\'s own common factor is 1: nothing more can be taken out.',
        'why-content' => 'Each factor\'s own common factor is 1, and the one taken out stands in front.',
        'why-outside' => 'Each factor\'s own common factor is 1; the minus stays in front.',
        'title-alone' => 'Factored, with the minus in front',
        'why-alone' => 'Only the minus was to be taken out: a factor may keep its common factor :content.',
        'why-inside' => 'Each factor\'s own common factor is 1; the −1 goes into exactly one of them.',
        'why-common' => ':rest has no common factor of its own: nothing more can be taken out.',
    ],
    'prime' => [
        'title' => 'Prime over the integers',
        'title-inside' => 'What is left is prime over the integers',
        'why-inside' => 'Every possibility has been tried and none fits: only the common factor could be taken out.',
        'title-alone' => 'Behind the minus it stays as it is',
        'why-alone' => 'Every possibility has been tried and none fits; only the minus was to be taken out.',
        'why' => 'Every possibility has been tried and none fits: it stays as it is.',
    ],
]
;
