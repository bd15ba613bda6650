<?php

declare(strict_types=1);

return [
    'powers-and-pi' => 'π stands in this equation, and :letter in several powers: that is beyond what Runel solves. '
        . 'Where every term holds π, divide both sides by it first.',
    'which-letter' => 'Several letters stand in this equation. Say which one is wanted: write “for :letter” '
        . 'behind it.',
    'unknown-word' => 'The word “:found” is not understood here. Take it out, or say it otherwise: “solve”, '
        . '“factor”, “by completing the square”, “to 2 decimal places”.',
    'near-word' => 'The word “:found” is not understood here. Did you mean “:near”?',
    'way-of-asking' => '“:found” is not understood where it stands. Say first what is to be done, then the '
        . 'mathematics: “solve x² − 5x + 6 = 0 by factoring”.',
    'no-mathematics' => 'There is no mathematics in this sentence. Type the equation or the expression, too.',
    'expression-wanted' => 'An equation stands here where an expression is wanted.',
    'letter-not-there' => 'The letter :letter does not stand in the equation.',
    'for-pi' => 'π is a number, so nothing is solved for it. Name another letter.',
    'not-done-graph' => 'Runel draws no graphs by themselves. Of a quadratic it shows the curve where its vertex is '
        . 'found: “find the vertex of y = x² − 3”.',
    'not-done-calculus' => 'This is a task of calculus, which Runel does not do. It works with the algebra in it: '
        . 'expand, factor, solve.',
    'not-done-inequality' => 'Runel does not solve inequalities. Type it with = to see where both sides are equal.',
    'not-done-simultaneous' => 'Runel does not solve several equations together. It makes one of them the subject of '
        . 'a letter: “solve 2x + y = 7 for y”.',
    'not-done-numbers' => 'Runel does not show what whole numbers are divisible by. It works the algebra in it: '
        . 'type that by itself.',
    'not-done-story' => 'This is a problem in words, which Runel does not set up. Type the equation or the expression '
        . 'that comes of it.',
    'not-done-collect' => 'Adding and subtracting by themselves are understood, but Runel does not do them so far.',
    'not-done-complex' => 'Whether the root of a negative number is written with i is a habit of the house style: '
        . 'choose it there, and take these words out here.',
    'not-done-condition' => 'Runel does not look for what a letter has to be so that an equation has equal, different '
        . 'or no solutions. Type what it comes to: where they are equal the discriminant is 0, “solve k² − 100 = 0”.',
    'not-done-inverse' => 'Runel does not find the inverse of a function by itself. Make the other letter the subject: '
        . '“make x the subject of y = 3x − 2”.',
    'not-done-sequence' => 'Runel does not work with sequences.',
    'not-text' => 'This is not readable text. Type the problem again, or paste it as plain text.',
    'too-long' => 'The problem is too long. Runel reads up to :limit characters at once: take one part of it.',
    'too-deep' => 'Too many parentheses, signs or roots inside one another here. Runel reads up to :limit levels: '
        . 'simplify the inside first.',
    'long-number' => 'This number is too long. Runel works with numbers of up to :limit digits.',
    'digits' => 'The numbers in this problem grow beyond :limit digits. Choose smaller ones.',
    'degree' => 'The degree of this problem passes :limit. Choose smaller exponents.',
    'terms' => 'This problem grows beyond :limit terms. Choose shorter factors.',
    'factors' => 'There are too many factors multiplied here. Runel takes up to :limit at once, powers counted out.',
    'trials' => 'The hunt would have to look at too many pairs: the product of the first and last coefficient passes '
        . ':limit. Choose smaller numbers.',
    'middle' => 'The hunt would take too large numbers: the middle coefficient passes :limit. Choose smaller numbers.',
    'empty' => 'Type a problem, for example (3t + 5)(2t − 7).',
    'lonely-point' => 'A point stands here without digits. Write a number such as 0.5.',
    'two-points' => 'A number has one decimal point only. Remove the second one.',
    'comma' => 'This comma cannot be read. Write a decimal with a point, and one problem at a time.',
    'unknown-character' => '“:found” is not part of the notation. Remove it, or write what it stands for with + '
        . '− × ÷ ^ and parentheses.',
    'unknown-command' => '“:found” is a command Runel does not read. It reads \frac, \sqrt, \cdot, \times, \div, '
        . '\left and \right.',
    'word' => 'The word “:found” cannot be read here. Say what is to be done at the beginning (factor, expand, '
        . 'solve, divide … by …), then the mathematics in signs.',
    'two-problems' => 'Are these two problems? Type one at a time: leave out “and” and what follows.',
    'function' => 'Did you mean the function “:found”? Runel works with polynomials, fractions and roots only. '
        . 'For letters that are multiplied write · between them.',
    'function-call' => 'Did you mean a function called :letter? Write only what it is equal to. For :letter times '
        . ':inside write :letter·:inside.',
    'times-or-letter' => 'Did you mean “times” by this “:found”? Then write ×. For the letter write '
        . '·:found· without spaces.',
    'two-cases' => 'Did you mean the small x that stands here too, or “times”? Write x or ×.',
    'comma-thousands' => 'Did you mean “:found” as a decimal or as a large number? Write :decimal or :whole.',
    'asked-multiply' => 'There is no product of sums here, so there is nothing to multiply out.',
    'asked-factor' => 'There is nothing to factor here: it is a product already, or no polynomial.',
    'asked-solve' => 'There is no equation here, so there is nothing to solve. Write = and the other side.',
    'asked-complete-square' => 'Completing the square is for a quadratic in one letter.',
    'asked-divide' => 'Nothing is divided here. Write “divide … by …”, or put ÷ between the two.',
    'asked-show' => 'To show that two sides are the same, an equation is wanted: between polynomials, fractions of '
        . 'them, or numbers with roots.',
    'asked-show-apart-numbers' => 'That cannot be shown: the left side is about :left, the right one about :right.',
    'asked-show-same' => 'Both sides are written the same already: there is nothing to show.',
    'asked-show-apart' => 'That cannot be shown: the sides are not the same for every value. For :value the left one '
        . 'is :left, the right one :right. Without “show that” it is an equation to be solved.',
    'asked-show-apart-two' => 'That cannot be shown: the sides are not the same for all values. For :value and :other '
        . 'the left one is :left, the right one :right. Without “show that” it is an equation.',
    'asked-show-apart-more' => 'That cannot be shown: the sides are not the same for all values. With one set of small '
        . 'numbers the left one is :left, the right one :right.',
    'asked-simplify' => 'Nothing is simpler here than it stands: no like terms, no common factor, no root that comes '
        . 'out.',
    'asked-rearrange' => 'To rearrange, an equation in several letters is wanted.',
    'mixed-number' => 'A number stands right before a fraction. For a mixed number write it as one fraction, for a '
        . 'product put × between.',
    'two-numbers' => 'Two numbers stand side by side here. Put × between them to multiply, or join them to one '
        . 'number.',
    'number-after' => 'The number :found follows “:before” directly. Did you mean a power? Write ^:found for it, '
        . 'or put the number in front to multiply.',
    'two-readings' => 'Behind ÷ a number stands before parentheses, and that is read in two ways: 12 ÷ 2(1 + 2) as '
        . '12 ÷ (2(1 + 2)) or as (12 ÷ 2)(1 + 2). Put parentheses around what you mean.',
    'division-by-zero' => 'Here something is divided by 0, which has no value. Change the denominator.',
    'empty-bracket' => 'This parenthesis is empty. Write something in it, or remove it.',
    'unclosed' => 'The parenthesis “:found” opened here is never closed. Add its partner where the parenthesis '
        . 'ends.',
    'unopened' => 'The parenthesis “:found” closes here but was never opened. Remove it, or open one before.',
    'wrong-bracket' => '“:opened” was opened, but “:found” closes here. Use the same kind of parenthesis.',
    'unexpected' => '“:found” does not fit here. Check what stands before it.',
    'two-equals' => 'There is a second = here. Runel takes one equation at a time.',
    'starts-with' => 'A problem cannot start with “:found”. Write what should stand before it.',
    'nothing-after' => 'Something is missing after “:before”. Write a number, a letter or a parenthesis there.',
    'nothing-before-close' => 'Something is missing between “:before” and “:found”. Write a number, a letter '
        . 'or a parenthesis there.',
    'no-exponent' => 'The exponent is missing here. Write a number after ^.',
    'no-radicand' => 'Nothing stands under this root. Write a number, a letter or a parenthesis after it.',
    'root-index' => 'The small number at a root has to be a whole number from 2 up.',
    'index' => 'At the foot of a letter stands one number of at most two digits, or one letter: R_1, v_0, v_f.',
    'no-numerator' => 'The fraction has no numerator here. Write \frac{…}{…}.',
    'no-denominator' => 'The fraction has no denominator here. Write \frac{…}{…}.',
    'no-letter' => 'There is no letter in this problem. Runel demonstrates algebra: use a letter such as x. Of numbers '
        . 'alone it multiplies two whole ones, makes roots simpler, and brings powers of one number together.',
    'powers-so' => 'Runel finds nothing to bring together in these powers: it multiplies and divides powers of one '
        . 'number, as in 2³ · 2⁴, and says what the exponent 0 or a negative one makes of a number.',
    'roots-so' => 'Runel finds nothing to make simpler in these roots: it takes out what comes out of roots of numbers '
        . 'and of single terms, multiplies them, adds like ones, and leaves none below a line.',
    'not-polynomial' => 'A letter stands in an exponent, under a root or in a denominator. Runel cannot work with '
        . 'that here.',
    'remainder-of-what' => 'A remainder is left by a division, and none stands here. Write what is divided by what.',
    'zero-denominator' => 'A denominator in this problem is 0 whatever the letters are. Change it.',
    'bracket-in-bracket' => 'Products stand inside parentheses here. Take one product at a time: plain terms inside '
        . 'each parenthesis.',
    'single-term' => 'This is a single term: there is nothing to multiply and nothing to factor.',
    'nothing-to-do' => 'There is nothing to multiply or to factor here: no parentheses, and no power above 1.',
    'no-job' => 'Runel can read this, but knows nothing to do with it: it multiplies polynomials and factors '
        . 'quadratic trinomials.',
    'bracket-is-zero' => 'One of the factors is 0, so the whole product is 0.',
    'nothing-to-multiply' => 'There are no parentheses to multiply here.',
    'no-such-method' => 'There is no method called “:found”.',
    'no-such-job' => 'There is no job called “:found”.',
    'job-not-here' => 'The job “:job” does not fit this problem.',
    'method-of-other-job' => 'The method “:method” belongs to another job than this problem has.',
    'style-key' => 'There is no house-style key “:found”.',
    'style-value' => 'The house-style key “:key” cannot be “:found”. It can be: :values.',
    'nothing-fits' => 'No method fits this problem, so there is no way to show.',
    'one-way-only' => 'Only one method fits this problem, so there are no two ways to compare.',
    'not-json' => 'This line is not a JSON object.',
    'no-problem' => 'The request names no problem: give it as text under “problem”.',
    'not-string' => '“:key” has to be text.',
    'bad-figures' => 'Figures cannot be written as “:found”. It can be: :values.',
    'bad-format' => 'There is no format “:found”. It can be: :values.',
    'failed' => 'Something went wrong while this was worked out. It has been noted in the log; the other ways are not '
        . 'affected.',
    'products' => 'Multiplying this out takes :count single products. Runel demonstrates up to :limit: take fewer or '
        . 'shorter factors.',
    'letters' => 'There are more than :limit different letters here. Use fewer.',
    'unknown-key' => 'A request has no “:found”. It can have: problem, job, method, style, choices.',
    'not-map' => '“:key” has to be an object of keys and values.',
    'choice-key' => 'There is no choice called “:found”.',
    'choice-value' => 'The choice “:key” cannot be “:found” here. It can be: :values.',
    'unproved' => 'Runel could not prove every line of this demonstration, so it does not show it. The problem has '
        . 'been noted in the log.',
];
