<?php

declare(strict_types=1);

return [
    'refusal-not-polynomial' => 'Only polynomials are divided here: plain powers of one letter, above and below.',
    'refusal-roots' => 'Roots of numbers, or π, stand in the coefficients: such a division is beyond what Runel '
        . 'does.',
    'refusal-letters' => 'One letter is needed above and below, and here are several: :letters.',
    'refusal-degree' => 'The degree of :divisor is higher than that of :dividend: it goes in 0 times, and everything '
        . 'is remainder.',
    'refusal-zero' => 'What is to be divided is 0 whatever the letter is: there is nothing to share out.',
    'refusal-unknown' => 'A coefficient is unknown here: synthetic division carries it along.',
    'read' => [
        'why' => 'How many times does :divisor go into :dividend? Degrees subtract when powers are divided, so the '
            . 'quotient has degree :degree.',
    ],
    'tidy' => [
        'title' => 'Put both in standard form',
        'why' => 'Dividing goes from the highest power down, so powers have to fall and like terms to be together.',
    ],
    'gaps' => [
        'why' => 'Every column keeps one power. A power left out would let numbers slide into the wrong column.',
    ],
    'long' => [
        'advice' => 'The way for every divisor: how many times, multiply, subtract, bring down. One round.|The way '
            . 'for every divisor: how many times, multiply, subtract, bring down. :count rounds.',
        'advice-linear' => 'Every stroke is seen, in one round. Synthetic division is this with the repetition struck '
            . 'out.|Every stroke is seen, in :count rounds. Synthetic division is this with the repetition struck out.',
        'set-up' => [
            'title' => 'Lay it out in columns',
            'why' => 'One column for each power; the quotient will stand above, each term over its own power.',
            'ask' => 'How many columns does the dividend need?',
        ],
        'times' => [
            'title' => 'How many times does :leading go into :first?',
            'why' => 'Only the leading terms are compared. :term goes above, in the column of its own power.',
            'why-again' => ':first leads now, so :term goes above.',
            'ask' => 'How many times does :leading go into :first?',
            'title-zero' => 'It goes in 0 times',
            'why-zero' => 'The leading term has vanished, so :divisor goes in 0 times: :term keeps the place above, '
                . 'and the next term comes down.',
            'why-zero-end' => 'The leading term has vanished, so :divisor goes in 0 times: the quotient ends in 0.',
        ],
        'product' => [
            'title' => 'Multiply :term by the divisor',
            'why' => 'Every term of the divisor is multiplied; each product goes below, into the column of its power.',
            'why-again' => ':term times a single term.|:term times both terms.|:term times each of the :count terms.',
            'ask' => 'What is :term times :divisor?',
        ],
        'turned' => [
            'title' => 'Turn every sign: it is taken away',
            'why' => 'Subtracting is adding the opposite, so every sign of the product is turned.',
            'why-again' => 'One sign turns.|Both signs turn.|All :count signs turn.',
        ],
        'difference' => [
            'title' => 'Add column by column',
            'why' => ':first is gone, as it was meant to be. The other columns are added.',
            'why-again' => 'Now :first is gone, too.',
            'why-end' => 'What is left has a lower degree than :divisor: it is the remainder.',
            'why-nothing' => 'Nothing is left: :divisor goes in without a remainder.',
            'ask' => 'What is left below the line?',
        ],
        'down' => [
            'title' => 'Bring down :term',
            'why' => 'The next term of the dividend joins what is left, and the round begins anew.',
            'why-again' => 'With it round :number begins.',
        ],
    ],
    'term-by-term' => [
        'refusal' => 'Term by term is for a single term below, and :divisor has several.',
        'advice' => 'A single term below: one division.|A single term below: every term is divided by it, :count in '
            . 'all.',
        'share' => [
            'title' => 'Every term over :divisor',
            'why' => 'A sum is divided by :divisor when each of its terms is.',
        ],
        'term' => [
            'title' => ':term divided by :divisor',
            'why-power' => 'Exponents subtract: :above − :below is :left.',
            'why-power-scaled' => ':number divided by :by is :value. Exponents subtract: :above − :below is :left.',
            'why-gone' => 'The same power stands above and below, and a power divided by itself is 1.',
            'why-gone-scaled' => ':number divided by :by is :value. The same power stands above and below, and a power '
                . 'divided by itself is 1.',
            'why-number' => 'Dividing by 1 changes nothing.',
            'why-number-scaled' => ':number divided by :by is :value.',
            'ask' => 'What is :term divided by :divisor?',
        ],
    ],
    'synthetic' => [
        'refusal-single' => 'For :divisor the number in the corner would be 0: term by term is all it takes.',
        'refusal' => 'Synthetic division takes linear divisors only, and :divisor is not linear: use long division.',
        'advice' => 'Numbers alone: multiply and add, once.|Numbers alone: multiply and add, :count times.',
        'advice-scaled' => 'Numbers alone: multiply and add, once; the quotient is divided by :leading at the '
            . 'end.|Numbers alone: multiply and add, :count times; the quotient is divided by :leading at the end.',
    ],
    'grid' => [
        'advice' => 'The multiplication grid filled backwards: for those who multiply in grids. One column.|The '
            . 'multiplication grid filled backwards: for those who multiply in grids. :count columns.',
        'set-up' => [
            'title' => 'Draw the grid with the divisor down the side',
            'why' => 'The dividend is the sum of all cells. Like powers lie on a diagonal, so each diagonal has to '
                . 'come to one term; in the first corner :first stands alone.',
        ],
        'need' => [
            'title-first' => 'Fill the first corner',
            'title' => 'Fill the next cell in the first row',
            'why-first' => 'No other cell lies on its diagonal, so :cell stands here.',
            'why-alone' => 'Nothing else stands on its diagonal, so :cell stands here.',
            'why' => 'Its diagonal has to come to :term, and :there stands there already: :cell is missing.',
            'ask' => 'A diagonal has to come to :term, and :there stands there already. What is still missing?',
        ],
        'top' => [
            'title' => 'Write :term on top',
            'title-zero' => 'Write :term on top',
            'why' => 'This is what :leading has to be multiplied by to give :cell.',
            'why-again' => ':leading times :term gives :cell.',
            'why-zero' => 'Nothing was missing, so :leading is taken 0 times.',
            'ask' => 'What has to be multiplied by :leading to give :cell?',
        ],
        'cells' => [
            'title' => 'Fill the rest of the column',
            'title-one' => 'Fill the cell below',
            'why' => 'Side times top: :term is multiplied by what stands at the side.|Side times top: :term is '
                . 'multiplied by each of the :count other terms at the side.',
            'why-again' => ':term times the term at the side.|:term times each of the :count others.',
            'why-zero' => '0 times the term at the side is 0.|0 times each of the :count others is 0.',
        ],
        'rest' => [
            'title' => 'What do the last diagonals leave over?',
            'why' => 'The grid is full. What its last diagonal lacks is the remainder.|The grid is full. What its '
                . 'last :count diagonals lack is the remainder.',
            'why-exact' => 'The grid is full, and its last diagonal comes to what it should: nothing is left '
                . 'over.|The grid is full, and its last :count diagonals come to what they should: nothing is left '
                . 'over.',
            'ask' => 'The grid is full. What is the remainder?',
        ],
    ],
    'bridge' => [
        'refusal-degree' => 'The way from long to synthetic division needs a linear divisor, and :divisor is not '
            . 'linear.',
        'refusal-letter' => 'With :divisor alone as the divisor there is no sign to turn: the letter is simply '
            . 'divided out.',
        'refusal-leading' => 'The way from long to synthetic division needs a divisor that begins with the letter '
            . 'alone, and :divisor does not.',
        'advice' => 'Longer than either: it shows, on this very division, why synthetic division works.',
        'whole' => [
            'title' => 'The long division, finished',
            'why' => 'Every product of :divisor is taken away as it stands. Much of what is written here says '
                . 'something twice: which of it could be left out?',
        ],
        'leading' => [
            'title' => 'Strike the first term of every product',
            'why' => 'It was chosen to be what stands above it, so that it vanishes: no need to write it again.',
        ],
        'down' => [
            'title' => 'Strike what was brought down',
            'why' => 'It stands in the dividend already, in the same column.',
        ],
        'quotient' => [
            'title' => 'Strike the quotient above',
            'why' => 'The divisor begins with the letter alone, so each number of the quotient is the first number of '
                . 'the row it comes from: it stands there already.',
        ],
        'letters' => [
            'title' => 'Strike the letters',
            'why' => 'The column tells the power, so numbers are enough. Of the divisor, :corner is left.',
        ],
        'pressed' => [
            'title' => 'Press the lines together',
            'why' => 'In every column one number at most is taken away and one is left: two lines hold them all. The '
                . 'first coefficient comes down too, so that the last line is quotient and remainder.',
        ],
        'turned' => [
            'title' => 'Turn the sign in the corner: :own becomes :turned',
            'why' => 'With the sign turned every product turns its sign, and taking away becomes adding. :turned is '
                . 'also the number that makes :divisor equal to 0.',
            'ask' => 'Taking away is to become adding. :own stands in the corner: which number has to stand there '
                . 'instead?',
        ],
        'stands' => [
            'title' => 'This is synthetic division',
            'why' => 'Long division wrote :terms terms here; :numbers numbers say the same.',
        ],
    ],
    'unknown' => [
        'refusal-divisor' => 'With an unknown coefficient the divisor has to be linear and known, and :divisor is not.',
        'refusal-remainder' => 'The remainder asked for has to be a number, not :remainder.',
        'refusal-letters' => 'One letter to divide in and one unknown are needed, and here are others: :letters.',
        'refusal-known' => 'No unknown coefficient stands in :dividend: the remainder can be found, but not chosen.',
        'refusal-always' => 'The remainder is :remainder, whatever :unknown is: it cannot be chosen.',
        'refusal-degree' => 'Powers of :unknown above the first stand in :remainder: such an unknown is beyond what '
            . 'Runel does.',
        'refusal-constant' => 'No power of :letter stands in what is to be divided: there is nothing to divide.',
        'advice' => ':unknown is carried along like a number; in the end the remainder says what it has to be.',
        'read' => [
            'why' => 'Which number has to stand for :unknown, so that dividing by :divisor leaves :remainder?',
            'why-factor' => 'Which number has to stand for :unknown, so that :divisor is a factor? It is one when '
                . 'nothing is left over.',
        ],
        'wanted' => [
            'title' => 'Say what the remainder has to be',
            'why' => 'The last sum is the remainder, :rest. It has to be :remainder.',
        ],
        'put-in' => [
            'title' => 'Put :value in',
            'why' => 'With it the division leaves :remainder, as it should.',
            'why-factor' => 'With it nothing is left over: :divisor is a factor.',
        ],
    ],
    'corner' => [
        'title' => 'The number for the corner is :value',
        'why' => ':divisor is 0 for :solution. That number, with the sign turned, is what makes adding take the place '
            . 'of subtracting.',
        'ask' => 'Which number makes :divisor equal to 0?',
    ],
    'set-up' => [
        'title' => 'Write the coefficients in a row',
        'why' => 'The place tells the power, so the letters can wait.',
        'ask' => 'How many numbers go into the row?',
        'why-gaps' => 'The place tells the power, so the letters can wait. Every missing power keeps its place with a '
            . '0.',
    ],
    'down' => [
        'title' => 'Bring down :number',
        'why' => 'The first coefficient has nothing above it to add: it comes down as it is.',
    ],
    'multiply' => [
        'title' => 'Multiply: :product',
        'why' => 'The number in the corner times what was written last goes under the next coefficient.',
        'why-again' => 'It goes under :top.',
    ],
    'add' => [
        'title' => 'Add the column',
        'title-last' => 'Add the last column: the remainder',
        'why' => 'The sum belongs to :power in the quotient.',
        'why-constant' => 'The sum belongs to the constant of the quotient.',
        'why-last' => 'Nothing follows to be multiplied, so the last sum is what is left over.',
        'why-zero' => 'Nothing is left over: the division comes out even.',
        'ask' => 'The column holds :top and :product. What goes below?',
    ],
    'read-off' => [
        'title' => 'Read off the quotient',
        'why' => 'The last number is the remainder. The others are coefficients from degree :degree down: :quotient.',
    ],
    'scale' => [
        'title' => 'Divide the quotient by :leading',
        'why' => 'So far :monic was divided out. In :divisor the factor :leading is in it as well, so the quotient is '
            . ':leading times too large. The remainder stays.',
        'why-exact' => 'So far :monic was divided out. In :divisor the factor :leading is in it as well, so the '
            . 'quotient is :leading times too large.',
        'ask' => 'What is the quotient, then?',
    ],
    'product' => [
        'title' => 'Say it as a product',
        'why-factor' => 'The remainder is 0: :divisor is a factor.',
        'why-number' => 'Dividend is divisor times quotient plus remainder. The remainder :remainder is not 0, so '
            . ':divisor is not a factor.',
        'why' => 'Dividend is divisor times quotient plus remainder. The remainder :remainder has a lower degree than '
            . ':divisor, so it ends here.',
    ],
    'quotient' => [
        'title' => 'Say it as a quotient',
        'title-exact' => 'The quotient',
        'why' => 'Both sides are divided by :divisor: the quotient stands alone, and what is left over still has to '
            . 'be divided.',
        'why-exact' => 'Both sides are divided by :divisor: the quotient stands alone.',
        'ask' => 'Say the result with the remainder over the divisor.',
    ],
    'reduced' => [
        'title' => 'Cancel in what is left over',
        'why' => 'Each term that was left over is divided by :divisor as far as that goes: what stands above and below '
            . 'cancels.',
    ],
    'check' => [
        'back' => 'Multiply back and add the remainder',
        'back-exact' => 'Multiply back',
        'back-why-exact' => 'Divisor times quotient has to give the dividend again.',
        'back-why' => 'Divisor times quotient, with what was left over, has to give the dividend again.',
        'value' => 'The value for :place is the remainder',
        'value-why' => 'Where the divisor is 0, nothing but the remainder is left of the dividend: both have to be '
            . ':remainder.',
        'sums' => 'Coefficient sums: put 1 for :letter',
        'sums-why' => 'Divisor times quotient plus remainder on one side, dividend on the other: with 1 for the '
            . 'letter, both have to agree.',
        'sums-why-exact' => 'Divisor times quotient on one side, dividend on the other: with 1 for the letter, both '
            . 'have to agree.',
    ],
];
