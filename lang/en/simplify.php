<?php

declare(strict_types=1);

return [
    'ask' => 'What is it, simplified?',
    'excluded-why' => 'There a denominator is 0, and nothing is divided by 0. That is said before anything is '
        . 'cancelled, since afterwards it may not show.',
    'result' => ['title' => 'What is left'],
    'check' => [
        'title' => 'Put numbers for the letters',
        'title-numbers' => 'Work both out',
        'why' => 'The original and what it has become have to come to the same.',
    ],
    'collect' => [
        'refusal' => 'Like terms are collected where plain terms are added and at least two of them are alike.',
        'advice' => ':count kinds of terms.',
        'read' => 'Terms are added and subtracted: those with the same letters and exponents can be put together.',
        'result-why' => 'No two terms are alike any more.',
        'mark' => [
            'title' => 'Mark what is alike',
            'why' => 'Alike are terms with the same letters and the same exponents. The sign before a term belongs to '
                . 'it.',
        ],
        'together' => [
            'title' => 'Put like terms side by side',
            'why' => 'Each term takes its sign along; the sum stays the same.',
        ],
        'group' => [
            'title' => 'Collect the terms with :letters',
            'title-number' => 'Collect the numbers',
            'why' => 'The numbers in front are added with their signs; letters and exponents stay as they are.',
            'ask' => 'What is :sum?',
        ],
    ],
    'powers' => [
        'refusal' => 'The laws of powers are for letters or numbers with exponents that are multiplied, divided or '
            . 'raised.',
        'advice' => 'One law after another: open, gather, work out.',
        'read' => 'Letters with exponents are multiplied, divided or raised: nothing is added.',
        'read-numbers' => 'Powers of numbers are multiplied, divided or raised: nothing is added. The exponents are '
            . 'worked with; the powers need not be worked out.',
        'result-why' => 'Each letter stands once.',
        'result-why-numbers' => 'Each base stands once.',
        'result-why-value' => 'Worked out.',
        'result-why-zero' => 'To the power 0 everything but 0 is 1: a power divided by itself is 1, and its exponent '
            . 'taken from itself is 0.',
        'result-why-zero-below' => 'To the power 0 everything but 0 is 1, and what has a negative exponent stands '
            . 'below the line with the positive one.',
        'result-why-below' => 'What has a negative exponent stands below the line with the positive one.',
        'turned' => [
            'title' => 'Turn one base over',
            'why' => 'One base is the other one turned over. A power keeps its value when its base is turned over '
                . 'and its exponent takes the opposite sign; then both have one base.',
        ],
        'bases' => [
            'title' => 'Write all numbers with one base',
            'why' => 'They are powers of the same number; with that as their base the laws of powers can be used.',
        ],
        'turned-bases' => [
            'title' => 'Write a number as a power',
            'why' => 'It is a power of another base, or of that base turned over; written so, the laws of powers can '
                . 'be used.',
        ],
        'some-bases' => [
            'title' => 'Write powers of one number with one base',
            'why' => 'Some of the numbers are powers of the same number; with that as their base the laws of powers '
                . 'can be used.',
        ],
        'turn' => [
            'title' => 'The minus in the exponent',
            'why' => 'It makes nothing negative: it turns the power over, and the exponent is positive then.',
        ],
        'open' => [
            'title' => 'Open the parentheses',
            'why' => 'Every factor inside gets the exponent, the number too; a power of a power multiplies the '
                . 'exponents.',
        ],
        'gather' => [
            'title' => 'Gather numbers and each letter',
            'title-numbers' => 'Gather each base',
            'why' => 'Times times: the exponents of one letter are added.',
            'why-numbers' => 'Times times: the exponents of one base are added, and the base stays.',
            'why-quotient' => 'What stands above adds its exponents, what stands below takes them away.',
        ],
        'work' => [
            'title' => 'Work them out',
            'why' => 'Number by number and letter by letter.',
            'why-numbers' => 'Exponent by exponent.',
        ],
    ],
    'cancel' => [
        'refusal' => 'Cancelling is for fractions that have something in common above and below: with letters below '
            . 'the line, or a sum over a number.',
        'advice' => 'Factor above and below, then cancel what both have.',
        'read' => 'A fraction is made simpler by cancelling factors, never terms: so factors are found first.',
        'result-why' => 'Above and below have no factor in common any more.',
        'result-why-turned' => 'Above and below have no factor in common any more. The minus turns every sign above.',
        'result-why-opened' => 'Nothing stands below any more. The minus turns every sign.',
        'turn' => [
            'title' => 'Turn over what is divided by',
            'why' => 'Dividing by a fraction is multiplying by it turned over: above times above, below times below.',
        ],
        'one' => [
            'title' => 'Write one fraction',
            'why' => 'Above times above, below times below; nothing is multiplied out.',
        ],
        'factor' => [
            'title' => 'Factor above and below',
            'why' => 'Only factors can be cancelled.',
        ],
        'strike' => [
            'title' => 'Cancel :common',
            'why' => 'It stands above and below as a factor of the whole: divided by itself it is 1.',
        ],
    ],
    'combine' => [
        'refusal' => 'This way is for fractions with letters that are added or subtracted.',
        'advice' => 'Over the least common denominator, then one fraction.',
        'read' => 'Fractions can be added once they have the same denominator.',
        'result-why' => 'It is one fraction, with nothing in common above and below.',
        'result-why-turned' => 'It is one fraction, with nothing in common above and below. The minus turns every sign '
            . 'above.',
        'expand' => [
            'title' => 'Write each over :denominator',
            'why' => 'Above and below times what the own denominator lacks: the value stays.',
        ],
        'one' => [
            'title' => 'Write one fraction',
            'why' => 'Over one denominator the numerators are added; after a minus the whole numerator stays in '
                . 'parentheses.',
        ],
        'collect' => [
            'title' => 'Multiply out above and collect',
            'why' => 'Below, the factors stay: they may still cancel.',
        ],
        'within' => [
            'title' => 'Above and below times :denominator',
            'why' => 'Every term within is multiplied by it, and no fraction is left within; the value stays.',
        ],
    ],
    'turn-over' => [
        'title' => 'Negative exponents go below a line',
        'why' => 'A minus in an exponent puts the power below a line, with the exponent without it.',
    ],
    'terms' => [
        'advice' => 'Every term times every term, then like terms together.',
        'read' => 'Letters stand below a line in single terms: each is multiplied as the others are.',
        'multiply-why' => 'Each term of the one times each of the other: a letter above and the same below cancel.',
        'minus' => [
            'title' => 'Open the parentheses behind the minus',
            'why' => 'The minus turns the sign of every term inside.',
        ],
        'collect' => [
            'title' => 'Collect like terms',
            'why' => 'Terms with the same letters, above and below, are put together.',
        ],
        'result-why' => 'Nothing stands in parentheses any more, and no two terms are alike.',
    ],
    'radicals' => [
        'refusal' => 'This way is for numbers with roots that can be written more simply.',
        'advice' => 'Each root by itself, then like roots together.',
        'advice-conjugate' => 'The same with the other sign takes the root away below.',
        'read' => 'Roots are made as small as they can be first: then it shows which are alike.',
        'read-letters' => 'No letter under a root of an even index is negative, and none below a line is 0. Roots are '
            . 'made as small as they can be first: then it shows which are alike.',
        'read-conjugate' => 'Nothing under a root is negative, and nothing below a line is 0. A sum or difference with '
            . 'a root below the line loses it by the same with the other sign.',
        'result-why-conjugate' => 'No root stands below any more.',
        'result-why-gone' => 'Nothing stands below any more.',
        'result-why' => 'Under each root no square is left, each root stands once, and none stands below a line.',
        'result-why-none' => 'No root is left.',
        'result-why-index' => 'Under each root no power with its index is left, like terms are together, and no root '
            . 'stands below a line.',
        'root' => [
            'title' => 'Simplify :root',
            'why-whole' => 'It comes out as a whole.',
            'why-minus' => 'The index :index is odd, so a minus inside comes out as a minus; the largest power with '
                . 'the exponent :index comes out with it.',
            'why-below' => 'The denominator is made a power with the exponent :index: its root then comes out whole.',
            'why-fraction' => 'The root of a fraction is root over root, with no root left below.',
        ],
        'roots' => [
            'title' => 'Write the powers as roots',
            'why' => 'The denominator of the exponent says which root, the numerator which power; a minus puts it '
                . 'below the line.',
        ],
        'put' => [
            'title' => 'Put them in',
            'why' => 'Each root is replaced by what it is.',
        ],
        'join' => [
            'title' => 'Under one root',
            'why' => 'Roots with the same index: the product of the roots is the root of the product, and so for a '
                . 'quotient.',
        ],
        'below' => [
            'title' => 'Above and below times :by',
            'why' => 'A root times itself is what stands under it: no root is left below.',
            'why-index' => 'Under the root below, a power with the exponent :index is made: it comes out whole.',
            'why-conjugate' => 'Sum times difference: the square of the one minus the square of the other, and no root '
                . 'is left below.',
            'why-fewer' => 'Sum times difference: the square of the one minus the square of the other, and fewer roots '
                . 'are left below.',
        ],
        'below-number' => [
            'title' => 'Work out what stands below',
            'why' => 'Its roots multiply to a number without any.',
        ],
        'multiply' => [
            'title' => 'Every term times every term',
            'why' => 'Numbers times numbers, and under the roots number times number, each made simple at once.',
            'why-letters' => 'Each term of the one times each of the other; a root times itself is what stands under '
                . 'it.',
        ],
        'collect' => [
            'title' => 'Collect like roots',
            'why' => 'Roots of the same number are alike: the numbers in front are added. Different roots stay apart.',
            'why-letters' => 'Terms with the same letters before the same root are alike: the numbers in front are '
                . 'added.',
            'why-index' => 'Roots with the same index and the same number under them are alike: the numbers in front '
                . 'are added.',
        ],
        'check' => [
            'title' => 'Compare both',
            'why' => 'Both are about :value.',
            'why-exact' => 'Both are :value.',
            'why-square' => 'Both have the same sign and the same square.',
        ],
    ],
];
