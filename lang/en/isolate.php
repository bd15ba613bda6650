<?php

declare(strict_types=1);

return [
    'refusal' => 'This is not an equation with one or two square roots and otherwise plain terms.',
    'refusal-product' => 'When both sides are squared, a root times a letter is left: such an equation is beyond what '
        . 'Runel does.',
    'refusal-degree' => 'Squaring leads to a degree above 2 here: such an equation is beyond what Runel does.',
    'refusal-all' => 'Both sides have the same square whatever the letter is, so squaring does not tell what solves '
        . 'the equation.',
    'advice-seen' => 'Seen at once: nothing has to be squared.',
    'advice' => 'Isolate a root and square both sides, once; every candidate has to be tested.|Isolate a root and '
        . 'square both sides, :count times; every candidate has to be tested.',
    'option' => ':root first: one line|:root first: :count lines',
    'read' => [
        'title' => 'Read the equation',
        'why' => 'The unknown stands under a root. Squaring undoes a root that stands alone.|The unknown stands under '
            . ':count roots. Squaring undoes a root that stands alone, so one comes first.',
        'why-both' => 'A root stands alone on each side, so one squaring undoes both.',
    ],
    'seen' => [
        'title' => 'No number has this root',
        'why' => 'A square root is never negative, so it cannot be :number. Nothing has to be squared.',
    ],
    'isolate' => [
        'title' => 'Isolate :root',
        'why' => 'Only a root alone on its side vanishes when it is squared. :done',
        'why-again' => 'One root is left: it has to stand alone before the next squaring. :done',
        'all' => 'Everything else goes to the other side.',
        'across' => 'So :term goes to the other side, with its sign turned.',
        'add' => 'So :term is added to both sides.',
        'subtract' => 'So :term is subtracted from both sides.',
    ],
    'common' => [
        'title' => 'Divide by :number',
        'why' => ':number goes into every term on both sides: smaller numbers are easier to square.',
        'why-after' => ':number goes into every term on both sides: smaller numbers are easier to solve.',
    ],
    'square' => [
        'title' => 'Square both sides',
        'why' => 'Equal numbers have equal squares. The reverse is not true: what solves the squares need not solve '
            . 'the equation.',
        'why-again' => 'The last root goes.',
    ],
    'out' => [
        'title' => 'Work out both squares',
        'title-grid' => 'Multiply out in full',
        'ask' => 'What is :square, multiplied out and collected?',
        'why' => 'The square of a root is what stands under it.',
        'why-grid' => 'Two terms squared give four products; none of them may be left out.',
    ],
    'none' => ['title' => 'No solution', 'why' => 'The unknown has gone, and what is left is false.'],
    'test' => [
        'title' => 'Put :place into the original',
        'why-equal' => 'Both sides come to :left, so it solves the equation.',
        'why-unequal' => 'The left side comes to :left, the right one to :right: :left ≠ :right ✗. Squaring has '
            . 'brought this one in.',
        'why-negative' => 'A negative number would stand under a root, and that root has no value: squaring has '
            . 'brought this one in.',
        'why-about' => 'Both sides come to about :left.',
        'why-about-fails' => 'The left side comes to about :left, the right one to about :right: squaring has brought '
            . 'this one in.',
        'rejected' => 'no solution',
    ],
    'left' => [
        'title' => 'What is left',
        'title-none' => 'No solution',
        'why' => 'The curves of both sides meet there, and at the candidate struck out they do not.',
        'why-all' => 'Squaring may bring in what solves nothing; here it has not.',
        'why-none' => 'Every candidate is struck out: the curves of both sides do not meet.',
        'ask' => 'Which of the candidates solve the original equation?',
    ],
    'check' => [
        'holds' => ':place solves the original',
        'holds-why' => 'Both sides, worked out apart, come to the same.',
        'fails' => ':place does not solve the original',
        'fails-why' => 'Both sides, worked out apart, do not come to the same number.',
        'negative-why' => 'A negative number stands under a root, and that root has no value.',
        'none' => 'Put :number in, as a sample',
        'seen-why' => 'Whatever is put in, the root comes to a number that is not negative.',
        'none-why' => 'Squaring keeps every solution, and nothing solves the last line, so nothing solves the first.',
    ],
];
