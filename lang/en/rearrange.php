<?php

declare(strict_types=1);

return [
    'refusal-subject' => 'Say which letter is wanted: write “for :letter” after the formula.',
    'refusal-form' => 'Where :letter stands here, it cannot be got alone by undoing one operation after the other.',
    'refusal-power' => ':letter stands in a power that cannot be undone on its own here: such a formula is beyond '
        . 'what Runel does.',
    'refusal-gone' => ':letter vanishes when everything is gathered: the formula says nothing about it.',
    'refusal-alone' => ':letter stands alone already.',
    'refusal-quadratic' => 'The quadratic formula is for a letter that stands with its square and by itself.',
    'advice-quadratic' => ':letter stands with its square and by itself: a quadratic in :letter.',
    'advice' => 'What was done last is undone first, one move.|What was done last is undone first, :count moves.',
    'read' => [
        'title' => 'Make :letter the subject',
        'why' => 'The moves are those for equations; the other letters are treated as numbers. :letter is to stand '
            . 'alone.',
    ],
    'read-pi' => [
        'title' => 'Get :letter alone',
        'why' => 'π is a number like any other. It is left as it stands, so the answer is exact.',
    ],
    'swap' => ['title' => 'Exchange the sides', 'why' => 'Equal is equal either way; the wanted letter is read first.'],
    'swap-back' => ['title' => 'Exchange the sides', 'why' => 'The wanted letter has come to stand on the right.'],
    'tidy' => ['title' => 'Tidy up', 'why' => 'Like terms go together first, and what is divided by itself is 1.'],
    'one-line' => [
        'title' => 'Write it over one line',
        'why' => 'What multiplies a fraction multiplies its numerator, so it can stand above the line.',
    ],
    'subtract' => [
        'title' => 'Subtract :term from both sides',
        'why' => 'It does not hold the wanted letter, so it goes to the other side.',
    ],
    'add' => ['title' => 'Add :term to both sides', 'why' => 'Subtracting :term is undone by adding it.'],
    'across' => ['title' => 'Bring :term to the other side', 'why' => 'What crosses over turns its sign.'],
    'gather' => [
        'title' => 'Subtract :term from both sides',
        'why' => 'What holds the wanted letter is to stand on one side.',
    ],
    'gather-add' => [
        'title' => 'Add :term to both sides',
        'why' => 'What holds the wanted letter is to stand on one side.',
    ],
    'gather-across' => [
        'title' => 'Gather the wanted letter on one side',
        'why' => 'What holds the wanted letter is to stand on one side; what crosses over turns its sign.',
    ],
    'turn' => [
        'title' => 'Both sides times −1',
        'why' => 'The opposite of it is known, so the sign is turned on both sides.',
    ],
    'multiply' => ['title' => 'Both sides times :by', 'why' => 'The fraction goes; times :by undoes it.'],
    'multiply-letters' => [
        'title' => 'Both sides times :by',
        'why' => 'Dividing by :by is undone by multiplying. The formula has :by below, so it is not 0.',
    ],
    'divide' => ['title' => 'Divide both sides by :by', 'why' => 'Multiplying by :by is undone by dividing.'],
    'divide-letters' => [
        'title' => 'Divide both sides by :by',
        'why' => 'Multiplying by :by is undone by dividing; for that :by must not be 0.',
    ],
    'square' => [
        'title' => 'Square both sides',
        'why' => 'Squaring undoes the root. It can be turned round only where :side is not negative, as a root never '
            . 'is.',
    ],
    'cleared' => [
        'read' => ':letter stands below a line. Without denominators it is a quadratic in :letter.',
        'title' => 'Both sides times :by',
        'why' => 'Every term is multiplied, and nothing stands below a line any more. The formula has :by below, so it '
            . 'is not 0.',
    ],
    'raise' => [
        'title' => 'Raise both sides to the power :index',
        'why' => 'That undoes the root. The index is odd, so it can always be turned round.',
    ],
    'raise-even' => [
        'title' => 'Raise both sides to the power :index',
        'why' => 'That undoes the root. It can be turned round only where :side is not negative, as such a root never '
            . 'is.',
    ],
    'as-root' => [
        'title' => 'Write the power as a root',
        'why' => 'The denominator of the exponent says which root, the numerator which power.',
    ],
    'root-alone' => [
        'title' => 'One root alone',
        'why' => 'The letter stands under two roots. One of them stands alone first, so that squaring takes it away.',
    ],
    'roots-opened' => [
        'title' => 'Multiply out',
        'why' => 'The square of a sum has a middle term: twice the product of both. One root is left.',
    ],
    'second-root' => [
        'title' => 'The other root alone',
        'why' => 'Both sides have the letter by itself, so it goes; what is left beside the root is numbers.',
    ],
    'root' => [
        'title' => 'Take the square root of both sides: plus or minus',
        'why' => 'Two numbers have the same square. Which one is meant, what :letter stands for decides: a length is '
            . 'never negative.',
        'why-both' => 'Two numbers have the same square, one the opposite of the other: :letter can be either.',
    ],
    'root-zero' => [
        'title' => 'Take the square root of both sides',
        'why' => 'Only 0 has the square 0, so there is one root, not two.',
    ],
    'root-odd' => [
        'title' => 'Take the root of index :index of both sides',
        'why' => 'The exponent :index is odd: there is exactly one real number with that power.',
    ],
    'meant' => [
        'title-one' => 'Which root is meant',
        'title-both' => 'Which root is meant: either can be',
        'title-none' => 'Which root is meant: neither is positive',
        'title-open' => 'Which root is meant',
        'one' => 'With positive numbers for all the other letters the product of both, :product, is negative: one of '
            . 'them is positive, one negative. Where :letter cannot be negative, as a length or a time, it is :root.',
        'both' => 'With positive numbers for all the other letters both product and sum, :product and :sum, are '
            . 'positive: where the roots are real, both are positive, and what :letter stands for decides.',
        'none' => 'With positive numbers for all the other letters the product, :product, is positive and the sum, '
            . ':sum, negative: where the roots are real, both are negative.',
        'open' => 'What :letter stands for decides: their letters do not tell which of the two is positive.',
    ],
    'shape' => [
        'title' => 'Write it as one fraction',
        'why' => 'Above and below times what stands below within; a minus is taken where a plus can come first.',
    ],
    'reduce' => [
        'title' => 'Cancel :common',
        'why' => 'It stands above and below as a factor of the whole. Both sides were divided by it, so it is not 0.',
    ],
    'both' => ['title' => 'Both together', 'why' => 'One for each root.'],
    'expand' => ['title' => 'Multiply out', 'why' => 'The wanted letter has to be set free from its parentheses.'],
    'take-out' => ['title' => 'Take :letter out', 'why' => ':letter is a factor of every term on its side.'],
    'ask' => 'One thing is done to both sides, to set :letter free. What stands on the side without :letter then?',
    'check' => [
        'numbers' => 'Put numbers into both formulas',
        'numbers-why' => 'The original gives :whole; with that the new formula gives back :letter.',
        'sampled' => 'Put numbers in for all the other letters',
        'sampled-why' => 'Numbers for the others give :letter; with that both sides come to the same.',
        'back' => 'Solve back: put what :letter equals into the original',
        'back-line' => 'Put what :letter equals into :line',
        'back-why-number' => 'Both sides are the same number.',
        'back-why' => 'Both sides are the same, whatever the letters are.',
    ],
];
