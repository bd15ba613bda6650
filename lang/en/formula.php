<?php

declare(strict_types=1);

return [
    'title' => 'Where the formula comes from',
    'title-reasons' => 'Why the formula looks as it does',
    'beside' => 'The same steps on letters',
    'letters' => 'With letters',
    'numbers' => 'With numbers',
    'lead' => 'The same steps on both sides, one beside the other.',
    'reasons' => 'The formula’s reasons on one page',
    'step' => 'Step through it, letters beside numbers',
    'board' => 'This equation by the formula',
    'own' => 'Your own equation',
    'take' => 'Take it',
    'ours' => 'This needs a quadratic equation in one letter with a middle term; here is one of ours.',
    'nothing-letters' => 'Nothing to do here: the letters have no numbers to be worked out.',
    'nothing-numbers' => 'Nothing to do here: with these numbers it stands so already.',
    'itself' => 'The quadratic formula',
    'curve' => 'The axis stands at the middle, :middle; both solutions lie the same distance from it.',
    'curve-other' => 'The axis stands at the middle, :middle.',
    'reason' => [
        'leading' => [
            'title' => 'Why a stands below',
            'why' => 'A square is completed with 1 before :square, so every term is divided by :a. That is why :a may '
                . 'not be 0.',
        ],
        'half' => [
            'title' => 'Where 2a comes from',
            'why' => 'A square has twice the product of both as its middle: the middle, :middle, is halved, and half '
                . 'of it is :half. What is squared here completes the square.',
        ],
        'discriminant' => [
            'title' => 'What the discriminant says',
            'why' => 'The square equals :discriminant over :below, and :below is positive. So the sign of the '
                . 'discriminant decides: where it is positive there are two solutions, where it is 0 there is one, and '
                . 'where it is negative no real number has that square.',
        ],
        'root' => [
            'title' => 'Why there is a plus and a minus',
            'why' => 'Two numbers have the same square. The root of :square comes out as :below: the same that stands '
                . 'under :b, so that all of it fits over one line.',
        ],
        'middle' => [
            'title' => 'The middle and the distance',
            'why' => 'The first part, :middle, lies in the middle of both solutions: it is the axis of the curve. The '
                . 'part with the root is how far each of them lies from it.',
        ],
    ],
];
