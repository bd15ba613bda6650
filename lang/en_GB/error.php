<?php

declare(strict_types=1);

return [
    'way-of-asking' => '“:found” is not understood where it stands. Say first what is to be done, then the '
        . 'mathematics: “solve x² − 5x + 6 = 0 by factorising”.',
    'not-done-graph' => 'Runel draws no graphs by themselves. Of a quadratic it shows the curve where its turning '
        . 'point is found: “find the turning point of y = x² − 3”.',
    'too-deep' => 'Too many brackets, signs or roots inside one another here. Runel reads up to :limit levels: '
        . 'simplify the inside first.',
    'terms' => 'This problem grows beyond :limit terms. Choose shorter brackets.',
    'factors' => 'There are too many brackets multiplied here. Runel takes up to :limit at once, powers counted out.',
    'unknown-character' => '“:found” is not part of the notation. Remove it, or write what it stands for with + '
        . '− × ÷ ^ and brackets.',
    'empty-bracket' => 'This bracket is empty. Write something in it, or remove it.',
    'unclosed' => 'The bracket “:found” opened here is never closed. Add its partner where the bracket ends.',
    'unopened' => 'The bracket “:found” closes here but was never opened. Remove it, or open one before.',
    'wrong-bracket' => '“:opened” was opened, but “:found” closes here. Use the same kind of bracket.',
    'nothing-after' => 'Something is missing after “:before”. Write a number, a letter or a bracket there.',
    'nothing-before-close' => 'Something is missing between “:before” and “:found”. Write a number, a letter '
        . 'or a bracket there.',
    'no-radicand' => 'Nothing stands under this root. Write a number, a letter or a bracket after it.',
    'nothing-to-do' => 'There is nothing to multiply or to factorise here: no brackets, and no power above 1.',
    'no-job' => 'Runel can read this, but knows nothing to do with it: it multiplies brackets and factors quadratic '
        . 'trinomials.',
    'bracket-in-bracket' => 'Brackets are multiplied inside a sum here. Take one product at a time: plain terms '
        . 'inside each bracket.',
    'bracket-is-zero' => 'One of the brackets is 0, so the whole product is 0.',
    'nothing-to-multiply' => 'There are no brackets to multiply here.',
    'word' => 'The word “:found” cannot be read here. Say what is to be done at the beginning (factorise, expand, '
        . 'solve, divide … by …), then the mathematics in signs.',
    'asked-factor' => 'There is nothing to factorise here: it is a product already, or no polynomial.',
    'single-term' => 'This is a single term: there is nothing to multiply and nothing to factorise.',
    'two-readings' => 'Behind ÷ a number stands before a bracket, and that is read in two ways: 12 ÷ 2(1 + 2) as '
        . '12 ÷ (2(1 + 2)) or as (12 ÷ 2)(1 + 2). Put brackets around what you mean.',
];
