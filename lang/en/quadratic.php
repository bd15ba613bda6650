<?php

declare(strict_types=1);

return [
    'refusal' => 'This is for quadratic equations in one letter.',
    'refusal-square' => 'A square stands here already, so there is none to complete: take the square roots.',
    'refusal-no-middle' => 'There is no middle term, so there is nothing to complete: take the square roots.',
    'refusal-middle' => 'There is a middle term, so the square does not stand by itself yet: complete it first.',
    'too-large' => 'The numbers under the root are too large here. Choose smaller ones.',
    'advice' => [
        'square' => 'Works for every quadratic equation; here half of the middle is a fraction.',
        'square-even' => 'Works for every quadratic equation; here the middle halves well.',
        'square-roots' => 'The square stands alone: take the square root of both sides. Quickest here.',
        'formula' => 'Works for every quadratic equation, without deciding anything.',
        'vertex' => 'Shows the vertex, the axis of symmetry, and the least or greatest value.',
    ],
    'read' => [
        'why-square' => 'The letter stands in two terms. Completing the square leaves it in one.',
        'why-no-middle' => 'The letter stands in its square only: once that is alone, the square root is taken of '
            . 'both sides.',
        'why-standing' => 'A square stands there already: once it is alone, the square root is taken of both sides.',
        'title-coefficients' => 'Read the coefficients with their signs',
        'why-coefficients' => 'The number before the square is a = :a, the one before the letter b = :b, the last one '
            . 'c = :c.',
    ],
    'gather' => [
        'title' => 'Letters on the left, numbers on the right',
        'why' => 'The same is done to both sides: the terms with the letter come to the left, the number to the right.',
        'why-added' => ':size is added to both sides, so that the terms with the letter stand alone on the left.',
        'why-subtracted' => ':size is subtracted from both sides, so that the terms with the letter stand alone on the '
            . 'left.',
        'why-across-number' => 'The number :number crosses and turns its sign: :turned stands on the right.',
        'why-tidied' => 'Each side is worked out and put in order; nothing crosses.',
        'why-across' => 'What crosses over turns its sign: the terms with the letter go to the left, the number to '
            . 'the right.',
    ],
    'leading' => [
        'title-divide' => 'Divide both sides by :a',
        'title-multiply' => 'Multiply both sides by :a',
        'title-out' => 'Take :a out of the two terms with the letter',
        'why-divide' => 'A square is easiest to complete with 1 before it, so every term is divided by :a.',
        'why-multiply' => 'A square is easiest to complete with 1 before it, so every term is multiplied by :a.',
        'why-fits' => 'Here :a goes into every term, so every term is divided by it.',
        'why-out' => 'A square is easiest to complete with 1 before it; the :a stays in front of both terms.',
        'why-fits-not' => 'Here :a does not go into every term, so it is taken out of the two with the letter only.',
        'why-alone' => 'Then the square stands alone.',
        'ask' => 'What is left when every term is divided by :a?',
        'ask-multiply' => 'What is left when every term is multiplied by :a?',
    ],
    'no-pair' => [
        'title' => 'First see whether it factors: no pair fits',
        'why' => 'Factoring would need two numbers with the product :product and the sum :sum. There is one pair, and '
            . 'it has another sum: so the square is completed.|Factoring would need two numbers with the product '
            . ':product and the sum :sum. Of both pairs none has that sum: so the square is completed.|Factoring would '
            . 'need two numbers with the product :product and the sum :sum. Of :count pairs none has that sum: so the '
            . 'square is completed.',
    ],
    'zero' => [
        'title' => 'All of it on the left',
        'why' => 'The same is done to both sides: :right is taken from both, so that 0 is left on the right.',
        'why-across' => 'What crosses over turns its sign: all of it comes to the left, and 0 is left on the right.',
    ],
    'all-terms' => [
        'title' => 'Take :a out of all three terms',
        'why' => 'A square is easiest to complete with 1 before it, and while the other side is 0, :a can come out of '
            . 'every term.',
        'title-drop' => 'Drop the :a',
        'why-drop' => '0 divided by :a is 0: both sides are divided by it, and the right side stays as it is. With a y '
            . 'there instead of 0 this could not be done.',
    ],
    'factored' => [
        'title' => 'Factor: two equal factors',
        'why' => 'Two numbers with the product :square and the sum :middle: :half, twice.',
        'ask' => 'What are the two factors of :trinomial?',
    ],
    'ring' => [
        'title-root' => 'Ring the root of the first term',
        'title-sign' => 'Ring the sign of the middle: plus',
        'title-sign-minus' => 'Ring the sign of the middle: minus',
        'title-half' => 'Ring the root of the last term',
        'why-root' => 'The first term is the square of :letter, so :letter comes first in the parentheses.',
        'why-sign' => 'The middle is positive, so both products in it are: a plus.',
        'why-sign-minus' => 'The middle is negative, so both products in it are: a minus.',
        'why-half' => 'The last term is the square of :half, and :half is half of :middle.',
    ],
    'cross' => [
        'title' => 'Both numbers cross together',
        'why' => 'The perfect square stays by itself on the left: the same is added to both sides, until no number is '
            . 'left beside it.',
        'why-across' => 'The perfect square stays by itself on the left: each number crosses and turns its sign.',
    ],
    'gap' => [
        'title' => 'Leave a gap on both sides',
        'title-same' => 'Leave a gap, filled and taken away again',
        'why' => 'Something is missing to a perfect square. Whatever goes into the one gap goes into the other.',
        'why-twofold' => 'Whatever goes into the gap counts twice, since 2 stands in front; so it does on the right.',
        'why-outside' => 'Whatever goes into the gap counts :a times, since :a stands in front; so it does on the '
            . 'right.',
        'why-same' => 'Whatever is put in is taken away again on the same side, so nothing changes.',
    ],
    'half' => [
        'title' => 'Half of the middle, squared',
        'why' => 'A square has twice the product of both as its middle, so the second is half of :middle; its square '
            . 'is what is missing.',
        'ask' => 'What is half of :middle, squared?',
    ],
    'fill' => [
        'title' => 'Fill both gaps',
        'title-same' => 'Fill the gap and take it away again',
        'title-move' => 'Move what was taken away to the other side',
        'why' => 'On both sides :square is added: the equation keeps its balance.',
        'why-twofold' => 'Inside, :square is added; on the right it counts twice.',
        'why-outside' => 'Inside, :square is added; on the right it counts :a times.',
        'why-same' => 'Adding :square and taking it away changes nothing.',
        'why-move' => 'The perfect square stays by itself on the left: :taken is added to both sides.',
        'why-move-across' => 'The perfect square stays by itself on the left: what was taken away, :taken, crosses '
            . 'over and is added there.',
        'why-same-outside' => 'Inside, :square is added; with the :a in front it is worth :taken, and that is taken '
            . 'away again.',
        'ask' => 'What is the equation with :square in the gap?',
    ],
    'squares' => [
        'advice' => 'Both sides are squares: root them, nothing has to be multiplied out.',
        'read' => 'Both sides are squares: that is seen before any factor is multiplied out.',
        'option-equations' => 'two equations',
        'option-difference' => 'the difference of two squares',
        'why-one' => 'Both equations have the same solution, so it is said once.',
        'root' => [
            'title' => 'Take the root of both sides: equal or opposite',
            'why' => 'Two numbers have the same square when they are equal or opposite.',
        ],
        'zero' => [
            'title' => 'One side 0',
            'why' => 'The right side is taken from both: a difference of two squares is 0.',
        ],
        'split' => [
            'title' => 'Write the difference of two squares as a product',
            'why' => 'It is what is squared minus what is squared, times their sum; then like terms are collected.',
            'ask' => 'What is :difference, as a product?',
        ],
    ],
    'beside' => [
        'title' => 'The square alone on one side',
        'title-power' => 'The power alone on one side',
        'why-add' => ':number is added to both sides; nothing is multiplied out.',
        'why-subtract' => ':number is taken from both sides; nothing is multiplied out.',
        'why-across' => ':number crosses over with its sign turned; nothing is multiplied out.',
        'ask' => 'The power is to stand alone. Which equation is next?',
    ],
    'square' => [
        'title' => 'Write the perfect square',
        'why' => 'It was built to be one: the root of the first term, :letter, the sign of the middle, plus, and the '
            . 'half, :half.',
        'why-minus' => 'It was built to be one: the root of the first term, :letter, the sign of the middle, minus, '
            . 'and the half, :half.',
        'why-twice' => 'The same factor twice is its square.',
        'why-ringed' => 'What was ringed stands in the parentheses: that is the square.',
        'ask' => 'What is :trinomial as a square?',
    ],
    'tidy' => [
        'title' => 'Tidy up the right side',
        'title-done' => 'The right side is one number already',
        'why' => 'Worked out, one number is left.',
        'why-fractions' => 'With one denominator the fractions can be added.',
        'why-divide' => 'Then the square stands alone.',
        'why-done' => 'Nothing is left to be added there.',
        'ask' => 'What is the right side, as one number?',
    ],
    'roots' => [
        'title' => 'Take the square root of both sides: plus or minus',
        'title-zero' => 'Take the square root of both sides',
        'why' => 'Two numbers have the same square, one positive and one negative.',
        'why-unit' => 'The number whose square is −1 is called i; −i has the same square.',
        'why-zero' => 'Only 0 has the square 0, so there is one solution, and it counts twice.',
        'why-cleared' => 'What is divided by :by on the left is undone by multiplying, plus or minus alike.',
        'ask' => 'Which numbers have the square :value?',
    ],
    'simplify' => [
        'title' => 'Simplify the root',
        'why' => 'The root of a fraction is root over root, with no root left below.',
        'why-fraction' => 'The root of a fraction is root over root, and both come out.',
        'why-split' => 'The root of a fraction is root over root.',
        'why-decimal' => ':root times :root is :value.',
        'why-imaginary' => 'The root of −1 is called i; what is left is an ordinary root.',
        'why-square' => 'The largest square under it comes out.',
        'why-tried' => ':number is split in two, one way after another, until one part is the largest square in it: '
            . ':square. That square comes out.',
        'why-whole' => 'It comes out as a whole.',
        'title-numbers' => 'Work out the other numbers',
        'why-nothing' => 'No square comes out of :root, so it stays as it is.',
        'ask' => 'What is :root, simplified?',
    ],
    'one' => [
        'title-plus' => 'First with plus',
        'title-minus' => 'Then with minus',
        'why' => 'Worked out by itself, it gives :solution.',
    ],
    'branch' => [
        'added' => ':size is added to both sides.',
        'subtracted' => ':size is subtracted from both sides.',
    ],
    'alone' => [
        'title' => 'Get :letter alone',
        'why-across' => 'The number :from crosses and becomes :turned, in both equations at once.',
        'why-added' => ':size is added to both sides, in both equations at once.',
        'why-subtracted' => ':size is subtracted from both sides, in both equations at once.',
        'combined' => ':moved Then all of it is written over one denominator.',
        'why-divide' => 'Both sides are divided by :number.',
        'divided' => ':moved Then everything is divided by :number.',
        'why-double' => 'There is only this one value.',
    ],
    'none' => [
        'title' => 'No real solution',
        'why' => 'The number :value is negative, and no real number has a negative square.',
        'ask' => 'Something squared is :value. How many real solutions are there?',
    ],
    'discriminant' => [
        'title' => 'The discriminant first',
        'why' => 'It stands under the root. Its sign says how many real solutions there are.',
        'ask-count' => 'The discriminant is :value. How many real solutions are there?',
        'says-zero' => 'The discriminant is 0: one solution, which counts twice.',
        'says-complex' => 'The discriminant is negative: no real solution, but two with i in them.',
        'says-square' => 'The discriminant is a perfect square: two rational solutions.',
        'says-positive' => 'The discriminant is positive and not a perfect square: two solutions with a root in them.',
        'ask' => 'What is the discriminant, b squared minus four times a times c?',
    ],
    'formula' => [
        'title' => 'Put the numbers into the formula',
        'why' => ':says Each number goes in as a whole, with its sign: :formula.',
        'why-double' => 'With 0 under the root, plus and minus give the same.',
        'why-split' => 'Once with plus, once with minus, each worked out and reduced.',
        'read-zeroed' => 'One side is 0 already: that is the form the formula is made for.',
        'read-equation' => 'The formula wants 0 on one side, so everything is brought to the other.',
        'why-apart' => 'Each part is put over what is below, and reduced by itself.',
        'why-reduced' => 'What is common to all numbers above and below is cancelled.',
    ],
    'letters' => [
        'advice-square' => 'With letters for the numbers: this is how the quadratic formula is found.',
        'advice-formula' => 'The quadratic formula takes letters as it takes numbers.',
        'why-square' => 'The other letters stand for numbers. :letter stands in two terms; completing the square '
            . 'leaves it in one.',
        'why-vertex' => 'The other letters stand for numbers. :letter stands in two terms; in vertex form it stands '
            . 'once.',
        'why-formula' => 'The other letters stand for numbers; this is a quadratic in :letter.',
        'why-coefficients' => 'In the formula, :a goes in for a, :b for b and :c for c: what stands before :square, '
            . 'what stands before :letter, and what stands alone.',
        'why-same' => 'The letters are those of the formula itself: a, b and c stand where it has them.',
        'why-divide' => 'A square is easiest to complete with 1 before it, so every term is divided by :a. That needs '
            . ':a not to be 0; with 0 there it would be no quadratic.',
        'why-roots' => 'Two numbers have the same square, one the opposite of the other. There are real ones only '
            . 'where what is under the root is not negative.',
        'why-comes-out' => 'It is the square of what is left; with ± before it, both signs are there.',
        'why-root-below' => 'The root of a fraction is root over root. Below, :below comes out; should it be negative, '
            . 'plus and minus change places, and both are there anyway.',
        'why-discriminant' => 'It stands under the root. Where it is positive there are two solutions, where it is 0 '
            . 'one, and where it is negative none that is real.',
        'title-substitute' => 'Put the coefficients into the formula',
        'why-substitute' => 'Each coefficient goes in as a whole, with its sign: :formula.',
        'why-reduced' => 'Worked out above and below; what is common to all of it is cancelled.',
        'ordered' => [
            'title' => 'Put it in order by :letter',
            'why' => 'First the square of :letter, then :letter itself, then what holds none.',
        ],
        'gather' => [
            'title' => 'The terms with :letter on the left',
            'why' => 'The same is taken from both sides: :terms.',
            'why-add' => 'The same is added to both sides: :terms.',
            'why-across' => 'What crosses over turns its sign: the terms with :letter go to the left, all others to '
                . 'the right.',
        ],
        'collect' => [
            'title' => 'Collect what stands beside the square',
            'why' => 'What holds no :letter is put together: this is vertex form.',
        ],
        'read-off' => 'A square is never below 0, so the vertex is (:place, :value) and the axis of symmetry :letter = '
            . ':place. Whether :value is the least or the greatest value, the sign of :a decides.',
        'tidy' => [
            'title' => 'Tidy up the right side',
            'title-done' => 'The right side is in order already',
            'why' => 'Like terms are collected.',
            'why-ordered' => 'There is nothing to be collected; it is put in order.',
            'why-done' => 'Nothing is left to be collected there.',
            'ask' => 'What is the right side, as one fraction or in like terms?',
        ],
        'alone' => ['why-across' => 'The term :half crosses and becomes :turned, in both equations at once.'],
        'together' => [
            'title' => 'All of it over one denominator',
            'why' => 'Both parts have the same denominator, so they are one fraction.',
            'why-each' => 'Once with plus, once with minus, each worked out and reduced.',
        ],
    ],
    'decimals' => [
        'title' => 'Rounded to one place|Rounded to :count places',
        'title-figures' => 'Rounded to one significant figure|Rounded to :count significant figures',
        'title-exact' => 'As a decimal',
        'why' => 'From the exact form, rounded only now: :values.',
        'why-exact' => 'It ends, so nothing is rounded: :values.',
    ],
    'check' => [
        'put' => 'Put :solution into the original',
        'sum-product' => 'Sum and product of the solutions',
        'sum-product-why' => 'The sum has to be −b/a = :sum, the product c/a = :product.',
        'discriminant-two' => 'The discriminant is positive: two solutions',
        'discriminant-one' => 'The discriminant is 0: one double solution',
        'discriminant-none' => 'The discriminant is negative: no real solution',
        'discriminant-why' => 'The sign of b² − 4ac says how many real solutions there are.',
        'expanded' => 'Expand it back',
        'expanded-why' => 'The square multiplied out has to give the start again.',
    ],
    'vertex' => [
        'refusal' => 'Vertex form is for a quadratic function or expression in one letter.',
        'check' => 'There the square is 0, so the value has to be :value.',
        'check-above' => 'Beside the vertex the value has to be above :value.',
        'check-below' => 'Beside the vertex the value has to be below :value.',
        'read-stands' => 'The letter stands once, in a square: this is vertex form already, and the vertex can be read '
            . 'off.',
        'read-no-middle' => 'There is no middle term: once it is in order, it is vertex form already.',
        'read' => 'The letter stands in two terms. In vertex form it stands once, and the vertex can be read off.',
        'out' => [
            'title' => 'Take :a out of the two terms with the letter',
            'why' => 'There is no other side, so :a may not be divided away; it stays in front.',
            'why-named' => 'On the other side stands :name and not 0, so :a cannot be dropped; it stays in front.',
        ],
        'half' => ['title' => 'Half of the middle, squared'],
        'add' => [
            'title' => 'Add it and take it away again',
            'why' => 'Inside, :square is added and taken away at once: nothing changes.',
            'why-alone' => ':square is added and taken away at once: nothing changes.',
        ],
        'worked' => ['title' => 'Work out the square of the half'],
        'release' => [
            'title' => 'Multiply what is left by :a',
            'why' => 'What was taken away stood inside, so it is multiplied by :a outside.',
        ],
        'collect' => [
            'title' => 'Collect the numbers',
            'why' => 'One number is left: this is vertex form.',
        ],
        'read-off' => [
            'title' => 'Read the vertex off',
            'why-least' => 'A square is never below 0, so the least value is :value, at :letter = :place: the vertex '
                . 'is (:place, :value), the axis of symmetry :letter = :place.',
            'why-greatest' => 'The square is subtracted, so the greatest value is :value, at :letter = :place: the '
                . 'vertex is (:place, :value), the axis of symmetry :letter = :place.',
        ],
    ],
];
