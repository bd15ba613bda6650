<?php

declare(strict_types=1);

return [
    'advice' => 'Both sides are worked until they come to the same.',
    'advice-one' => 'One side is worked until the other stands there.',
    'outcome' => ':side',
    'refusal' => 'This way is for polynomials with letters.',
    'simplifying' => [
        'refusal' => 'This way is for fractions with letters below and for numbers with roots, of which a side can be '
            . 'simplified until both are the same.',
        'why' => 'Both sides have to be the same. Each is simplified by itself; nothing is carried across.',
        'why-left' => 'Both sides have to be the same. The left one is simplified until it says what stands on the '
            . 'right; nothing is carried across.',
        'why-right' => 'Both sides have to be the same. The right one is simplified until it says what stands on the '
            . 'left; nothing is carried across.',
        'why-letters' => 'Both sides have to be the same wherever no letter under a root is negative. Each is '
            . 'simplified by itself; nothing is carried across.',
        'otherwise-left' => 'The left side, written otherwise',
        'otherwise-right' => 'The right side, written otherwise',
        'otherwise' => 'It has the same value and is written as the other side was.',
        'met' => 'Left and right have both come to :reached, which was to be shown.',
        'met-letters' => 'Left and right have both come to :reached: wherever both have a value it is the same, which '
            . 'was to be shown.',
        'met-letters-left' => 'The left side has come to :reached, and that is what stands on the right: wherever both '
            . 'have a value it is the same, which was to be shown.',
        'met-letters-right' => 'The right side has come to :reached, and that is what stands on the left: wherever '
            . 'both have a value it is the same, which was to be shown.',
        'met-left' => 'The left side has come to :reached, and that is what stands on the right, which was to be '
            . 'shown.',
        'met-right' => 'The right side has come to :reached, and that is what stands on the left, which was to be '
            . 'shown.',
    ],
    'read' => [
        'title' => 'Read what is to be shown',
        'why-left' => 'Both sides have to be the same for every value. Each is worked by itself, the left one first, '
            . 'because more is to be done there; nothing is carried across.',
        'why-right' => 'Both sides have to be the same for every value. Each is worked by itself, the right one first, '
            . 'because more is to be done there; nothing is carried across.',
        'why-left-alone' => 'Both sides have to be the same for every value. The right side is in standard form '
            . 'already, so the left one is worked until it says the same; nothing is carried across.',
        'why-right-alone' => 'Both sides have to be the same for every value. The left side is in standard form '
            . 'already, so the right one is worked until it says the same; nothing is carried across.',
    ],
    'product' => [
        'title' => 'Multiply out :product',
        'why-front' => 'What stands in front goes into every term.',
        'why-terms' => 'Every term of one factor times every term of the other, by itself beside the work.',
        'ask' => 'What is :product, multiplied out?',
        'title-over' => 'Divide every term of :product',
        'why-over' => 'What is below the line goes into every term above it, by itself beside the work.',
        'ask-over' => 'What is :product, term by term?',
    ],
    'opened' => [
        'title-left' => 'Write it into the left side',
        'title-right' => 'Write it into the right side',
        'title-left-brackets' => 'Open the parentheses of the left side',
        'title-right-brackets' => 'Open the parentheses of the right side',
        'why' => 'What was multiplied out takes the place of the parentheses.',
        'why-brackets' => 'Parentheses with a plus in front are left out as they are.',
        'why-brackets-minus' => 'A minus in front of parentheses turns every sign inside.',
        'why-minus' => 'What was multiplied out takes the place of the parentheses; a minus in front turns '
            . 'every sign.',
    ],
    'collected' => [
        'title-left' => 'Collect the left side',
        'title-right' => 'Collect the right side',
        'why' => 'Like terms go together, the highest power first.',
        'ask-left' => 'What does the left side come to?',
        'ask-right' => 'What does the right side come to?',
    ],
    'met' => [
        'title' => 'Both sides are the same',
        'why' => 'Left and right have both come to :reached. So they are the same for every value, which was to be '
            . 'shown.',
        'why-left' => 'The left side has come to :reached, and that is what stands on the right. So they are the same '
            . 'for every value, which was to be shown.',
        'why-right' => 'The right side has come to :reached, and that is what stands on the left. So they are the same '
            . 'for every value, which was to be shown.',
    ],
    'check' => [
        'title-numbers' => 'Compare both sides as decimals',
        'why-numbers' => 'Both are about :value.',
        'title' => 'Put :values into both sides as they were given',
        'why' => 'Two sides that are the same have the same value. One number proves nothing by itself, but it would '
            . 'catch a slip.',
    ],
];
