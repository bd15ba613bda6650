<?php

declare(strict_types=1);

return [
    'refusal' => 'This is not a linear equation: when all is gathered, a higher power is left, or more than plain '
        . 'terms.',
    'refusal-solved' => 'It says the solution already.',
    'advice' => 'The same is done to both sides, one move.|The same is done to both sides, :count moves.',
    'read' => [
        'title' => 'Read the equation',
        'why' => 'The two sides are said to be equal. Which number has to stand for :letter?',
    ],
    'see' => [
        'title' => 'Can you see it?',
        'why' => 'A guess is allowed: put in for :letter, it shows at once whether it is right. The method finds it '
            . 'without luck.',
        'ask' => 'Do you see which number :letter is? A guess is put in.',
    ],
    'clear' => [
        'title' => 'Clear the fractions: multiply both sides by :by',
        'why' => 'Every denominator goes into :by, so with it no fraction is left.',
        'ask' => 'Both sides times :by: which equation is it then?',
    ],
    'expand' => [
        'why-minus' => 'What stands in front reaches every term inside; a minus alone turns every sign.',
        'title' => 'Multiply out',
        'why' => 'What stands in front reaches every term inside.',
        'ask' => 'Multiply out. Which equation is it then?',
    ],
    'collect' => [
        'title' => 'Collect like terms',
        'why' => 'On each side letters go with letters and numbers with numbers.',
        'ask' => 'Collect on each side. Which equation is it then?',
    ],
    'gather' => [
        'title' => 'Subtract :term from both sides',
        'title-add' => 'Add :term to both sides',
        'title-across' => 'Bring :term to the other side',
        'why' => 'Then :letter stands on the left only.',
        'why-gone' => 'There is as much of :letter on both sides: it vanishes.',
        'why-larger' => 'There is more of :letter on the right, so it is collected there: no negative number turns up.',
        'why-across' => ':term crosses over and becomes :turned.',
        'ask' => ':letter is to stand on one side only. Which equation is next?',
    ],
    'swap' => ['title' => 'Read it from right to left', 'why' => 'Equal is equal either way; :letter is read first.',
        'why-end' => 'Equal is equal either way; an answer is read with :letter first.'],
    'number' => [
        'title' => 'Subtract :number from both sides',
        'title-add' => 'Add :number to both sides',
        'title-across' => 'Bring :number to the other side',
        'why' => 'Adding :number is undone by subtracting it.',
        'why-add' => 'Subtracting :number is undone by adding it.',
        'why-across' => ':from crosses over and becomes :to.',
        'why-first' => 'Then no number stands beside :letter on that side.',
        'ask-first' => 'The number is to leave that side first. Which equation is next?',
        'ask' => 'The term with :letter is to stand alone. Which equation is next?',
    ],
    'coefficient' => [
        'title' => 'Divide both sides by :number',
        'title-turn' => 'Turn the sign: both sides times −1',
        'title-divided' => 'Multiply both sides by :number',
        'why-divided' => ':letter is divided by :number; that is undone by multiplying.',
        'title-multiply' => 'Multiply both sides by :number',
        'why' => ':letter is multiplied by :number; that is undone by dividing.',
        'why-turn' => 'The opposite of :letter is known, so :letter is the opposite of that.',
        'why-multiply' => ':number turned over undoes it: the two multiplied are 1, and :letter stands alone.',
        'ask' => 'What is :letter?',
    ],
    'none' => [
        'title' => 'No solution',
        'why' => ':letter has gone, and :equation is false: no number makes both sides equal.',
    ],
    'all' => [
        'title' => 'Every number solves it',
        'why' => ':letter has gone, and :equation is true whatever number it is.',
    ],
    'check' => [
        'title' => 'Put two numbers in for :letter',
        'why-all' => 'Both sides come out the same each time.',
        'why-alike' => 'Both sides are written alike, so one working each time is that of both.',
        'why-none' => 'The sides come out different each time, and by the same amount.',
    ],
];
