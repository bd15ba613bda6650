<?php

declare(strict_types=1);

return [
    'missing-placeholder' => [
        'name' => 'missing power without a place',
        'watch' => 'A missing power needs its 0: without it everything after slides into the wrong place.',
        'diagnosis' => 'A missing power was not given its place.',
    ],
    'exponents-multiplied' => [
        'name' => 'exponents multiplied',
        'watch' => 'Exponents are added, not multiplied.',
        'diagnosis' => 'The exponents were multiplied; they have to be added.',
    ],
    'exponents-added' => [
        'name' => 'exponents added instead of multiplied',
        'watch' => 'A power raised to a power: the exponents are multiplied.',
        'diagnosis' => 'The exponents were added; where a power is raised to a power they are multiplied.',
        'diagnosis-terms' => 'Like terms are added by their numbers in front: the exponent stays as it is.',
    ],
    'exponents-not-added' => [
        'name' => 'exponents not added',
        'watch' => 'Letter times letter: do not forget to add the exponents.',
        'diagnosis' => 'The exponents were not added: letter times letter raises the power.',
    ],
    'letter-dropped' => [
        'name' => 'letter dropped',
        'watch' => 'Do not lose the letter.',
        'diagnosis' => 'The letter got lost.',
    ],
    'sign-of-product' => [
        'name' => 'sign of a product',
        'watch' => 'Decide the sign first: a minus belongs to its term.',
        'diagnosis' => 'The sign of a product is wrong; its number is right.',
        'diagnosis-square' => 'The middle term of the square has the wrong sign: it is twice the product of the two,'
            . ' signs included.',
        'diagnosis-exponent' => 'A minus in an exponent makes nothing negative: it puts the power below the line.',
    ],
    'coefficients-added' => [
        'name' => 'numbers added instead of multiplied',
        'watch' => 'The numbers are multiplied, not added.',
        'diagnosis' => 'The numbers were added; they have to be multiplied.',
    ],
    'larger-sign-lost' => [
        'name' => 'sign of the larger lost',
        'watch' => 'With different signs the larger magnitude gives the sign.',
        'diagnosis' => 'The size is right, but the sign of the larger magnitude was lost.',
    ],
    'signs-ignored' => [
        'name' => 'signs ignored',
        'watch' => 'Look at the signs before adding.',
        'diagnosis' => 'The magnitudes were simply added; with different signs they work against each other.',
        'diagnosis-both-minus' => 'Two minuses make a plus only when multiplying. Added, they make more minus.',
    ],
    'unlike-terms-collected' => [
        'name' => 'unlike terms collected',
        'watch' => 'Adding like terms leaves the exponents alone.',
        'diagnosis' => 'The exponents were added too; adding like terms leaves them alone.',
        'diagnosis-unlike' => 'Unlike terms were added: a number and a letter, different letters or different powers '
            . 'stay apart.',
    ],
    'term-missed' => [
        'name' => 'term left out',
        'watch' => 'Count the terms: every one has to be in the sum.',
        'diagnosis' => 'Something was left out: every term has to be in it.',
    ],
    'minus-not-carried' => [
        'name' => 'minus not carried through',
        'watch' => 'A minus in front multiplies every term in the parentheses.',
        'diagnosis' => 'The minus was not carried through the parentheses.',
    ],
    'coefficient-not-squared' => [
        'name' => 'number not squared',
        'watch' => 'The number before the letter is squared, too.',
        'diagnosis' => 'The letter was squared, but not the number before it.',
        'diagnosis-raised' => 'What stands behind the number was raised to the power, but not the number itself.',
        'diagnosis-below' => 'The exponent belongs to the letter alone: the number before it stays above the line.',
    ],
    'middle-sign-lost' => [
        'name' => 'sign of the middle lost',
        'watch' => 'The sign inside the square is the sign of the middle term.',
        'diagnosis' => 'The sign inside the square is not the sign of the middle term.',
    ],
    'factor-out-of-some' => [
        'name' => 'factor taken out of some terms only',
        'watch' => 'What is taken out in front is divided out of every term.',
        'diagnosis' => 'The common factor stands in front, but not every term was divided by it.',
    ],
    'half-not-taken' => [
        'name' => 'half not taken',
        'watch' => 'Half of the number before the letter goes into the square.',
        'diagnosis' => 'The whole number before the letter went into the square; half of it belongs there.',
    ],
    'root-number-not-squared' => [
        'name' => 'number before the root not squared',
        'watch' => 'Squared, the root goes and the number before it is squared, too.',
        'diagnosis' => 'The root was squared, but not the number before it.',
    ],
    'power-of-sum-split' => [
        'name' => 'power of a sum split',
        'watch' => 'A power of a sum is a product of sums: there are terms between the ends.',
        'diagnosis' => 'Each term was raised to the power by itself; a power of a sum is a product, with terms'
            . ' between.',
        'diagnosis-back' => 'Two cubes added or subtracted are not the cube of the sum or difference: that has terms '
            . 'between.',
    ],
    'cubes-middle' => [
        'name' => 'middle of the second factor of two cubes',
        'watch' => 'The second factor has the product of both in the middle: once, with the other sign.',
        'diagnosis' => 'In the second factor of two cubes the middle is the product of both: once, not twice, and with '
            . 'the other sign.',
    ],
    'not-put-back' => [
        'name' => 'what a letter stands for not put back',
        'watch' => 'Put back what the letter stands for: its values are not the solutions yet.',
        'diagnosis' => 'What the new letter stands for was not put back.',
        'diagnosis-own' => 'What :own stands for was not put back: :own is :for, not :letter.',
    ],
    'discriminant-not-rooted' => [
        'name' => 'discriminant not rooted',
        'watch' => 'In the formula the root of the discriminant is added and subtracted.',
        'diagnosis' => 'The discriminant was added and subtracted itself; its root belongs there.',
    ],
    'inner-factor-squared-in' => [
        'name' => 'factor in front squared, too',
        'watch' => 'The square comes first: what stands in front of it is not squared.',
        'diagnosis' => 'What stands in front went into the square, and was squared with it.',
    ],
    'multiplied-out-twice' => [
        'name' => 'factor used twice',
        'watch' => 'What stands before two factors goes into one of them only.',
        'diagnosis' => 'What stands in front went into both factors; it is there only once.',
    ],
    'turned-over-one-by-one' => [
        'name' => 'turned over one by one',
        'watch' => 'A sum of fractions is turned over as a whole, after it has become one fraction.',
        'diagnosis' => 'The fractions were turned over one by one; a sum of them is turned over only as a whole.',
    ],
    'fractions-added-across' => [
        'name' => 'fractions added across',
        'watch' => 'Fractions are added over a common denominator, never tops with tops and bottoms with bottoms.',
        'diagnosis' => 'The tops were added and the bottoms were added. Fractions want a common denominator first.',
        'diagnosis-tops' => 'The tops were taken together as they are. Each is multiplied first by what its own '
            . 'denominator lacks.',
    ],
    'minus-of-b-lost' => [
        'name' => 'minus of b lost',
        'watch' => 'The formula begins with minus b: its sign turns.',
        'diagnosis' => 'The formula begins with minus b; here it begins with b itself.',
    ],
    'discriminant-sign' => [
        'name' => 'sign in the discriminant',
        'watch' => 'Under the root it is minus 4ac: two minus signs make it a plus.',
        'diagnosis' => 'Under the root, the sign of 4ac is the wrong one.',
    ],
    'two-a-under-root-only' => [
        'name' => '2a below the root only',
        'watch' => 'All of it stands over 2a, minus b as well.',
        'diagnosis' => 'Only the root was divided by 2a; minus b is divided, too.',
    ],
    'rounded-early' => [
        'name' => 'rounded too early',
        'watch' => 'Work with the exact number to the end; round only the answer.',
        'diagnosis' => 'This was worked out from a rounded number, and that has moved it: round only at the end.',
    ],
    'double-product-forgotten' => [
        'name' => 'double product forgotten',
        'watch' => 'A square has a middle term: twice the product of both.',
        'diagnosis' => 'A square has a middle term, twice the product of the two: it is missing, or counted only once.',
        'diagnosis-back' => 'Two squares added or subtracted are not the square of the sum or difference: that has a '
            . 'middle term, and here there is none.',
    ],
    'common-factor-forgotten' => [
        'name' => 'common factor forgotten',
        'watch' => 'Look for the common factor first; it must not get lost at the end.',
        'diagnosis' => 'The common factor was forgotten.',
        'diagnosis-minus' => 'The −1 in front was forgotten: every sign is the other way.',
    ],
    'not-factored-completely' => [
        'name' => 'not factored completely',
        'watch' => 'Look into each factor: does it still hide a common factor?',
        'diagnosis' => 'It is not factored completely.',
    ],
    'right-product-wrong-sum' => [
        'name' => 'right product, wrong sum',
        'watch' => 'The right product is not enough: the sum has to fit too.',
        'diagnosis' => 'The product fits, but the sum does not.',
    ],
    'right-sum-wrong-product' => [
        'name' => 'right sum, wrong product',
        'watch' => 'The right sum is not enough: the product has to fit too.',
        'diagnosis' => 'The sum fits, but the product does not.',
    ],
    'signs-in-wrong-brackets' => [
        'name' => 'signs in the wrong places',
        'watch' => 'Each sign has to land in the right place.',
        'diagnosis' => 'The numbers are right, but the signs are in the wrong places.',
    ],
    'scaled-factors-given' => [
        'name' => 'factors of the scaled trinomial',
        'watch' => 'The factors of the scaled trinomial are not the answer yet.',
        'diagnosis' => 'These are the factors of the scaled trinomial: the leading coefficient is still to be'
            . ' divided out.',
    ],
    'minus-one-twice' => [
        'name' => '−1 put in twice',
        'watch' => 'The −1 goes into exactly one factor: in both it would cancel.',
        'diagnosis' => 'The −1 was put into both factors.',
    ],
    'product-not-zero' => [
        'name' => 'product not equal to 0',
        'watch' => 'Only a product that is 0 says anything about its factors: the other side has to be 0 first.',
        'diagnosis' => 'The factors were set equal to the other side; that is allowed only for 0.',
    ],
    'fraction-cleared-one-term' => [
        'name' => 'not every term multiplied',
        'watch' => 'Every single term is multiplied, those without a fraction too.',
        'diagnosis' => 'Not every term was multiplied.',
    ],
    'root-lost' => [
        'name' => 'solution lost',
        'watch' => 'Do not divide by the letter: a solution would be lost.',
        'diagnosis' => 'A solution was lost by dividing by the letter.',
    ],
    'half-not-squared' => [
        'name' => 'half not squared',
        'watch' => 'The half has to be squared before it goes into the gap.',
        'diagnosis' => 'The half was not squared.',
    ],
    'squared-not-halved' => [
        'name' => 'squared, not halved',
        'watch' => 'First half the middle, then square.',
        'diagnosis' => 'The middle was squared, but it has to be halved first.',
    ],
    'added-to-one-side' => [
        'name' => 'added to one side only',
        'watch' => 'What goes into one gap goes into the other: an equation keeps its balance.',
        'diagnosis' => 'The number was added on one side only.',
    ],
    'outer-factor-forgotten' => [
        'name' => 'number in front forgotten',
        'watch' => 'What goes into the gap is worth as much more as the number in front says.',
        'diagnosis' => 'The number in front of the gap was forgotten: what goes into the gap counts that many times.',
        'diagnosis-divisor' => 'The number in front of the letter in the divisor was forgotten: the quotient still'
            . ' has to be divided by it.',
    ],
    'divided-some-terms' => [
        'name' => 'only some terms divided',
        'watch' => 'Every term is divided, the one on the right too.',
        'diagnosis' => 'Only some of the terms were divided.',
    ],
    'function-divided' => [
        'name' => 'function divided',
        'watch' => 'In a function the leading number may not be divided away: it would become another function.',
        'diagnosis' => 'The leading number was divided away; in a function it has to stay.',
    ],
    'plus-minus-forgotten' => [
        'name' => '± forgotten',
        'watch' => 'Two numbers have this square: plus or minus.',
        'diagnosis' => 'The negative root was forgotten.',
    ],
    'root-of-sum-split' => [
        'name' => 'root of a sum split',
        'watch' => 'The root of a sum is not the sum of the roots.',
        'diagnosis' => 'The root was taken of each term by itself. Of a sum that is not allowed: √(9 + 16) is 5,'
            . ' not 3 + 4.',
        'diagnosis-joined' => 'What stands under the roots was put under one root. Of roots that are added or '
            . 'subtracted that is not allowed: √9 + √16 is 3 + 4, not √25.',
    ],
    'term-cancelled' => [
        'name' => 'single term cancelled',
        'watch' => 'Only factors cancel, never single terms of a sum.',
        'diagnosis' => 'A single term was cancelled. Only what multiplies everything above and below can go.',
    ],
    'copying' => [
        'name' => 'copied wrongly',
        'watch' => 'Compare with the line before, sign by sign.',
        'diagnosis' => 'Something was copied wrongly.',
    ],
    'denominator-not-rooted' => [
        'name' => 'denominator not rooted',
        'watch' => 'The root reaches the denominator too.',
        'diagnosis' => 'The denominator was not rooted.',
    ],
    'root-not-simplified' => [
        'name' => 'root not simplified',
        'watch' => 'Look for the largest square under the root.',
        'diagnosis' => 'The root can be simplified further.',
        'diagnosis-outside' => 'The square came out of the root as it was. What comes out is its root: √(25 · 2) is '
            . '5√2.',
        'diagnosis-swapped' => 'Outside and inside have changed places. The root of the square comes out, the other '
            . 'factor stays in: √(25 · 2) is 5√2.',
    ],
    'stacked-fraction' => [
        'name' => 'fraction line misread',
        'watch' => 'Everything above stands over the bar, not the root alone.',
        'diagnosis' => 'Only a part was divided; everything stands over the bar.',
    ],
    'divisor-sign-not-turned' => [
        'name' => 'divisor’s sign not turned',
        'watch' => 'The number in the corner makes the divisor 0: its sign is the other one.',
        'diagnosis' => 'The sign of the divisor was not turned: this number does not make it 0.',
    ],
    'subtracted-not-added' => [
        'name' => 'subtracted instead of added',
        'watch' => 'Here the columns are added; the turned sign has done the subtracting.',
        'diagnosis' => 'It was subtracted. The turned sign has done that already: add.',
    ],
    'quotient-degree' => [
        'name' => 'degree of the quotient',
        'watch' => 'Powers are divided: exponents subtract, and the degree falls.',
        'diagnosis' => 'The degree is too high: dividing powers subtracts exponents.',
        'diagnosis-divided' => 'The exponents were divided; where powers are divided they have to be subtracted.',
        'diagnosis-minus' => 'The exponent below is negative: taking it away adds to the exponent above.',
    ],
    'remainder-left-out' => [
        'name' => 'remainder left out',
        'watch' => 'The remainder belongs to the answer, over the divisor.',
        'diagnosis' => 'The remainder was left out.',
        'diagnosis-not-over-divisor' => 'What is left over still has to be divided: it stands over the divisor.',
    ],
    'arithmetic' => ['name' => 'arithmetic', 'watch' => 'Work it out once more.', 'diagnosis' => 'One number is off.'],
    'one-side-only' => [
        'name' => 'done to one side only',
        'watch' => 'What is done to one side is done to the other, or the balance is lost.',
        'diagnosis' => 'It was done on one side only.',
        'diagnosis-cleared' => 'The two sides were not multiplied by the same: both are, by all of the common '
            . 'denominator.',
        'diagnosis-crossed' => 'Each numerator was multiplied by its own denominator. Both sides times both '
            . 'denominators: each numerator gets the other side’s.',
    ],
    'wrong-inverse' => [
        'name' => 'undone by the wrong operation',
        'watch' => 'Adding is undone by subtracting, multiplying by dividing.',
        'diagnosis' => 'The operation was repeated instead of undone: take its opposite.',
        'diagnosis-other' => 'This undoes another operation than the one that stands there: adding is undone by'
            . ' subtracting, multiplying by dividing.',
        'diagnosis-root' => 'A root is undone by the power with its index, not by multiplying by the index.',
        'diagnosis-power' => 'A power is undone by the root with its exponent, not by dividing by the exponent.',
    ],
    'divided-by-negative' => [
        'name' => 'dividing by a negative',
        'watch' => 'Dividing by a negative number turns the sign.',
        'diagnosis' => 'The number is right, but dividing by a negative turns its sign.',
    ],
    'first-term-only' => [
        'name' => 'first term only',
        'watch' => 'The number in front multiplies every term in the parentheses.',
        'diagnosis' => 'Only the first term in the parentheses was multiplied.',
        'diagnosis-across' => 'Multiplied across, only the first term of each side was multiplied: every term of it'
            . ' is.',
    ],
    'squared-term-by-term' => [
        'name' => 'squared term by term',
        'watch' => 'A side with two terms is squared as a whole: there is a middle term.',
        'diagnosis' => 'The terms were squared one by one: the double product is missing.',
    ],
    'conjugate-sign' => [
        'name' => 'conjugate with the same sign',
        'watch' => 'Only the other sign takes the root away: sum times difference.',
        'diagnosis' => 'It was multiplied by the same sum again, so the root below stays; the other sign takes it '
            . 'away.',
    ],
    'unlike-exponents-added' => [
        'name' => 'exponents of different letters added',
        'watch' => 'Only powers of the same letter have their exponents added.',
        'diagnosis' => 'The exponents of different letters were added; each letter keeps its own.',
    ],
    'bases-multiplied' => [
        'name' => 'bases multiplied',
        'watch' => 'The base stays: only the exponents are added or taken away.',
        'diagnosis' => 'The base stays what it is: of powers of the same number only the exponents are added or taken '
            . 'away, and powers of different numbers stay side by side.',
    ],
    'zero-exponent' => [
        'name' => 'power 0',
        'watch' => 'To the power 0 every number but 0 is 1.',
        'diagnosis' => 'To the power 0 every number but 0 is 1: not 0, and not the number itself.',
    ],
    'excluded-kept' => [
        'name' => 'excluded value kept',
        'watch' => 'What makes a denominator 0 cannot be a solution.',
        'diagnosis' => 'One of these makes a denominator 0, so it solves nothing.',
    ],
    'extraneous-kept' => [
        'name' => 'false solution kept',
        'watch' => 'Squaring can bring in numbers that solve nothing: each one is put into the original.',
        'diagnosis' => 'One of these does not solve the original equation: squaring has brought it in.',
    ],
    'sign-not-turned' => [
        'name' => 'sign not turned when crossing',
        'watch' => 'A number that changes sides changes its sign.',
        'diagnosis' => 'A term changed sides and kept its sign: what is added on one side is taken away on the other.',
        'diagnosis-roots' => 'The signs were read off the factors: a factor is 0 where its number is met by its'
            . ' opposite.',
    ],
];
