<?php

declare(strict_types=1);

return [
    'follows' => 'This follows.',
    'follows-wrong' => 'This follows from your line before; the slip is further up.',
    'wrong' => 'This does not follow from the line before.',
    'said-wrong' => 'That is not so: look at the line before once more.',
    'same' => 'This says what the line before says.',
    'side' => 'Side work, and true.',
    'side-wrong' => 'Side work, and the two sides are not equal.',
    'number' => 'One term is off: :given should be :right.',
    'number-multiplied-out' => 'One term is off: multiplied out, this has :given where :right should be.',
    'nothing' => 'There is nothing here to be judged: write the line down.',
    'other-letter' => 'The letter :letter does not stand in the problem.',
    'equation-wanted' => 'An equation is wanted here: write both sides, with = between them.',
    'equations-wanted' => 'Between solutions, each part has to be an equation: x = 3 or x = 5.',
    'expression-wanted' => 'One expression is wanted here, or two with = between them.',
    'too-many' => 'More than :limit lines at once: mark them in parts.',
    'no-lines' => 'The lines to be marked are missing: a list of texts is wanted.',
];
