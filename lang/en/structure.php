<?php

declare(strict_types=1);

return [
    'seen' => [
        'label' => 'Seen first',
        'both-squares' => 'a square on both sides',
        'square' => 'one square, and numbers',
        'power' => 'one power, and numbers',
        'below' => 'a letter below a line: what is excluded comes first',
        'same-bracket' => 'the same factor in every term, :part',
        'two-squares' => 'a square minus a square',
        'two-squares-behind' => 'a square minus a square, once :front is taken out',
        'two-cubes' => 'two cubes',
        'two-cubes-behind' => 'two cubes, once :front is taken out',
        'something' => 'a quadratic in :part',
    ],
    'stuck' => 'This is as far as this way leads; whether more can be done is not known here.',
    'further' => [
        'title' => 'Look into each factor once more',
        'why' => 'A factor may factor again: that is looked for before it is called complete.',
    ],
    'common' => ['advice' => 'What all terms have in common comes out, and one power is left.'],
    'grouping' => [
        'refusal' => 'Grouping is for four terms that make two pairs with the same factor, or for a factor in every '
            . 'term.',
        'advice' => 'Pairs with the same factor: pairing :place of 3 works.',
        'group' => 'These two pairs leave the same factor.',
        'group-minus' => 'These two pairs leave the same factor. A minus before the second turns every sign in it.',
        'advice-identity' => 'Pairs of which one is a special form: written as a product, it has the other\'s factor.',
        'read-identity' => 'Four terms: two of them are a special form, and a factor of it stands in the other two.',
        'identity' => [
            'title' => 'Write each pair as a product',
            'why' => 'Now both pairs have the factor :bracket.',
        ],
        'take-out' => 'What each pair has in common stands in front of :bracket.',
        'try' => [
            'title' => 'Try the pairs :first and :second',
            'why' => 'They leave :one and :other, which are not the same: these pairs do not help.',
        ],
    ],
    'more' => [
        'advice' => 'A square of a sum, and the sum by itself.',
        'title' => 'See :sum in it, squared and by itself',
        'why' => 'Three terms are the square of :sum, and two others hold :sum as well.',
        'pair' => 'Factor it as a quadratic in :sum',
        'pair-why' => 'Wanted are two numbers with the product :product and the sum :total: :one and :other.',
    ],
    'bracket' => [
        'advice' => 'The same factor stands in every term.',
        'read' => ':bracket stands in every term: that is seen before anything is multiplied out.',
        'why' => ':bracket is common to all terms, so it is taken out like a number; what stood beside it is the other '
            . 'factor.',
        'read-turned' => ':opposite is the opposite of :bracket: that is seen before anything is multiplied out.',
        'turn' => [
            'title' => 'Write :opposite with :bracket',
            'why' => 'Both signs turn when a minus is put in front: :opposite is the opposite of :bracket.',
            'why-even' => ':opposite and :bracket are opposite, and opposite numbers have the same even power.',
        ],
    ],
    'substitution' => [
        'refusal' => 'No quadratic in something is hidden here that factors.',
        'name' => 'Then it is an ordinary quadratic: :quadratic. What :unknown was is put back afterwards.',
        'name-two' => 'Then it is an ordinary trinomial: :quadratic. What :unknown and :second were is put back '
            . 'afterwards.',
    ],
    'special' => [
        'advice-common' => 'What all terms have in common comes out; for what is left no way is known.',
        'advice-difference' => 'A difference of two squares.',
        'advice-cubes-plus' => 'A sum of two cubes.',
        'advice-cubes-minus' => 'A difference of two cubes.',
        'advice-added' => 'A square added and taken away makes a difference of two squares.',
        'title-difference' => 'A difference of two squares: :part',
        'why-difference' => 'It is the square of :first minus the square of :second: their difference times their sum.',
        'title-cubes-plus' => 'A sum of two cubes: :part',
        'title-cubes-minus' => 'A difference of two cubes: :part',
        'why-cubes' => 'The cubes are those of :first and :second. The second factor has the other sign in the middle, '
            . 'and not twice the product.',
        'why-cubes-prime' => 'The cubes are those of :first and :second. The second factor has the other sign in the '
            . 'middle, and not twice the product: its discriminant is negative, so it is prime.',
        'read-squares' => 'A square stands there, and a square is taken away from it: that is seen before anything is '
            . 'multiplied out.',
        'read-grouped' => 'Three of the four terms are the square of a sum or a difference, and the fourth is a '
            . 'square: that is seen before anything is hunted.',
        'title-together' => 'Put the three together',
        'why-together' => ':group has a square first, a square last, and twice the product of their roots between: it '
            . 'is a square itself.',
        'ask-together' => 'What is :group, written as a square?',
        'read-cubes' => 'Two cubes stand there: that is seen before anything is multiplied out.',
        'read-front' => 'What both have in common comes out first. Nothing in parentheses is multiplied out.',
        'read-typed-common' => 'What all terms have in common comes out first. The order they were typed in is kept.',
        'read-typed-difference' => 'A square stands there, and a square is taken away from it: that is seen before '
            . 'anything is put in another order.',
        'read-typed-cubes-minus' => 'A cube stands there, and a cube is taken away from it: that is seen before '
            . 'anything is put in another order.',
        'write-cubes' => 'The difference of the two, times the square of the first, the product of both and the square '
            . 'of the second.',
        'title-tidied' => 'Tidy up each factor',
        'why-tidied' => 'A minus before parentheses turns every sign in them; then like terms are collected.',
        'why-tidied-cubes' => 'Only now is anything multiplied out; then like terms are collected.',
        'ask-tidied' => 'What are the two factors, each tidied up?',
        'advice-cube' => 'The cube of a sum or a difference.',
        'title-cube' => 'A cube: :part',
        'why-cube' => 'The ends are the cubes of :first and :second, and three times the square of each times the '
            . 'other stands between them.',
        'title-added' => 'Add a square and take it away: :part',
        'why-added' => 'With :added more it is the square of :first plus :second; taken away again it is a difference '
            . 'of two squares.',
        'why-added-minus' => 'With :added more it is the square of :first minus :second; taken away again it is a '
            . 'difference of two squares.',
    ],
];
