<?php

declare(strict_types=1);

return [
    'title' => 'But why?',
    'law' => [
        'side' => 'Both sides are one and the same number, whatever the letters stand for.',
        'roots' => 'Both are one and the same number, as long as no letter under a root of an even index is negative.',
        'numbers' => 'These are numbers, and they are worked out: first inside parentheses and roots, then what is '
            . 'multiplied, then what is added or taken away.',
        'rejected' => 'A solution makes both sides of the first equation the same number, and this one does not.',
        'solved' => 'Each number written here solves the line before, and no other does.',
        'equal' => 'Both lines are one and the same number, whatever the letters stand for: only the writing has '
            . 'changed.',
        'rewritten' => 'Only the writing has changed: each side is the number it was, so the same numbers solve it.',
        'take-left-side' => 'The left side is worked out by itself; what stands on the right waits for it.',
        'root-squared' => 'The square of a root is what stands under it, wherever that root has a value.',
        'add' => 'What is equal stays equal when the same is added to it. Taking it away again undoes that, so no '
            . 'solution is lost and none comes in.',
        'subtract' => 'What is equal stays equal when the same is taken from it. Adding it again undoes that, so no '
            . 'solution is lost and none comes in.',
        'multiply' => 'What is equal stays equal when it is taken the same number of times. Dividing undoes that; '
            . 'only times 0 could not be undone.',
        'divide' => 'What is equal stays equal when it is shared out the same way. Multiplying undoes that; only by '
            . '0 nothing can be shared out.',
        'zero-product' => 'Two numbers that are both not 0 have a product that is not 0. So where the product is 0, '
            . 'one of them has to be; and where one of them is, the product is.',
        'square-both-sides' => 'What is equal has equal squares. But 3 and −3 are different and have equal squares, '
            . 'too: so no solution is lost, and some may come in.',
        'raise-odd' => 'What is equal has equal powers; and of an odd exponent only what is equal has them: no '
            . 'solution is lost and none comes in.',
        'raise-even' => 'What is equal has equal powers. But 3 and −3 are different and have equal powers with an even '
            . 'exponent: so no solution is lost, and some may come in.',
        'root-odd' => 'The exponent is odd, and there each number is the power of exactly one: where the powers are '
            . 'equal, what is raised is equal, and the other way round.',
        'root-even' => 'The exponent is even, and there each positive number is the power of two numbers, one the '
            . 'opposite of the other.',
        'root-both-sides' => 'Each positive number is the square of two numbers, one the opposite of the other, and '
            . 'of no third: so both are written, and no other.',
        'swap-sides' => 'Equal is equal either way: a = b and b = a say the same.',
        'join-branches' => 'A number solves it when it solves one of the branches: all of them together are all '
            . 'there is.',
        'compare-coefficients' => 'Two polynomials that are equal for every number have the same coefficients.',
        'remainder-is' => 'Where the divisor is 0, nothing but the remainder is left.',
        'formula' => 'The formula is the square completed once for all numbers: whatever a, b and c are, its two lines '
            . 'solve ax² + bx + c = 0, and nothing else does.',
        'synthetic' => 'Each number of the row is a coefficient of the quotient. Times x − r it gives itself one power '
            . 'higher, and −r times itself in the next column: what is added there takes that back.',
        'rationalised' => 'Above and below are multiplied by the same number, so the fraction is the number it was; '
            . 'and the square of a root has no root.',
        'square-of-sum' => '(p + q)² is (p + q)(p + q), so p meets p once, q meets q once, and p meets q twice: '
            . 'p² + 2pq + q². With a minus the two in the middle are negative.',
        'difference-of-squares' => 'In (p + q)(p − q) the products pq and −pq cancel, and p² − q² is left.',
    ],
    'deeper' => [
        'side' => 'Adding may be done in any order, multiplying too, and a(b + c) is ab + ac: everything written here '
            . 'comes from these three.',
        'roots' => 'A root is the number whose power stands under it. So the root of a product is the product of the '
            . 'roots, and of a power with the index of the root it is what was raised.',
        'numbers' => 'That is an agreement: without it 2 + 3 · 4 would be two numbers. Parentheses say where another '
            . 'order is meant.',
        'rejected' => 'Squaring, or multiplying by something that may be 0, cannot always be undone: what came in that '
            . 'way has to be looked at in the first equation.',
        'solved' => 'From each of these numbers the way back leads to the line before, and the way on from that line '
            . 'leads to these alone.',
        'equal' => 'Adding may be done in any order, multiplying too, and a(b + c) is ab + ac: whatever number the '
            . 'letter is, these three are true of it.',
        'rewritten' => 'An equation says of two numbers that they are the same. Written otherwise they are the numbers '
            . 'they were, so it says it of the same letters.',
        'take-left-side' => 'What one side is does not hang on the other.',
        'root-squared' => '√a is the number that is not negative and whose square is a: its square is a because that '
            . 'is what the sign means.',
        'add' => 'If a = b, then a and b are one number, and a + c and b + c are that number with c added: one number '
            . 'again.',
        'subtract' => 'If a = b, then a and b are one number, and a − c and b − c are that number with c taken away: '
            . 'one number again.',
        'multiply' => 'If a = b, then a and b are one number, and ac and bc are c times it. From ac = bc back to a = b '
            . 'needs 1/c, and 0 has none.',
        'divide' => 'Dividing by c is multiplying by 1/c, and every number but 0 has one: c · 1/c = 1.',
        'zero-product' => 'If ab = 0 and a is not 0, then a has 1/a, and 1/a · ab = b has to be 1/a · 0 = 0.',
        'square-both-sides' => 'a² = b² says a² − b² = 0, so (a + b)(a − b) = 0: then a = b, or a = −b, which was '
            . 'not asked for.',
        'raise-odd' => 'Of two different numbers the larger one has the larger power where the exponent is odd. So '
            . 'different numbers have different powers.',
        'raise-even' => 'With an even exponent a minus does not show: a and −a have one power.',
        'root-odd' => 'Of two different numbers the larger one has the larger power where the exponent is odd. So no '
            . 'two have the same one.',
        'root-even' => 'Of two positive numbers the larger one has the larger power, so only one positive number '
            . 'has this one; and with an even exponent a minus does not show.',
        'root-both-sides' => 'x² = a² says x² − a² = 0, so (x + a)(x − a) = 0: then x = a or x = −a, and nothing '
            . 'else.',
        'swap-sides' => 'To be the same number is nothing that one of them has before the other.',
        'join-branches' => 'A product is 0 when one factor is, whichever: so each branch may hold by itself.',
        'compare-coefficients' => 'Their difference is 0 for every number, and a polynomial that is not 0 itself is '
            . 'that for as many numbers as its degree at most.',
        'remainder-is' => 'P = D · Q + R is true for every number; where D is 0, so is D · Q, and P is R.',
        'formula' => 'Times 4a the equation says 4a²x² + 4abx + 4ac = 0, that is (2ax + b)² = b² − 4ac. Two numbers '
            . 'have that square: 2ax + b is the root or its opposite. Take b away and divide by 2a.',
        'synthetic' => 'Multiply (x − r) by a quotient with the coefficients q, s, t: the columns are q, s − rq, '
            . 't − rs, −rt. Read from the left, q is the first number, s is the second and r times q, and so on: '
            . 'that is the row.',
        'rationalised' => 'n/√d is n · √d over √d · √d, because √d/√d is 1; and √d · √d is d, because that is what √d '
            . 'means.',
        'square-of-sum' => 'a(b + c) = ab + ac, used twice: p(p + q) + q(p + q) = p² + pq + qp + q², and pq and qp are '
            . 'the same number.',
        'difference-of-squares' => 'a(b + c) = ab + ac, used twice: p(p − q) + q(p − q) = p² − pq + qp − q², and −pq '
            . 'and qp come to 0.',
    ],
    'picture' => [
        'area' => 'As an area: every piece is the product of its two sides, and all of them together are the whole.',
        'grid' => 'The rows as a grid: each term of one factor has a row, each of the other a column. Like terms are '
            . 'those of one power: they lie on one diagonal.',
        'number-line' => 'On a line: what is positive goes to the right, what is negative to the left, each from where '
            . 'the one before has ended.',
    ],
    'once-more' => 'And why does that hold?',
    'not' => 'Why can’t I write …',
    'not-see' => 'See what happens',
    'not-from' => 'From the line before:',
    'not-right' => 'You can. It is true, only written otherwise, or further on.',
    'not-same' => 'That is the line before once more.',
    'not-words' => 'No mathematics has been read in that.',
    'not-nothing' => 'Type the line you would have written.',
    'see' => 'See it with :numbers.',
    'see-solved' => ':numbers solves it. Put into the line before and into this one, both sides agree each time.',
    'before' => 'The line before',
    'after' => 'This line',
    'none' => 'Nothing is written here that could be asked about: a line is, one step further.',
];
