<?php

declare(strict_types=1);

return [
    'reading-zeroed' => 'One side is 0 already, so the numbers that make the other one 0 are looked for.',
    'reading-equation' => 'Everything is brought to one side first, so that the other one is 0.',
    'refusal' => 'The search for rational roots is for polynomials of degree 3 to :most in one letter.',
    'refusal-degree' => 'The degree is :degree; the search for rational roots goes up to degree :most.',
    'refusal-many' => 'There are too many candidates for rational roots to try them all.',
    'between' => [
        'title' => 'One lies between :low and :high',
        'why-rising' => 'At :low the left side is below 0, at :high above: somewhere between it is 0.',
        'why-falling' => 'At :low the left side is above 0, at :high below: somewhere between it is 0.',
        'check' => 'The sign changes between :low and :high',
        'check-why' => 'One value has to be below 0, the other above.',
    ],
    'known' => [
        'title' => 'What is known of the solutions',
        'why-all' => 'An equation of degree :degree has no more than :degree solutions, and as many sign changes were '
            . 'found: one solution lies in each of these gaps.',
        'title-none' => 'No real solution',
        'why-none' => 'The real solutions can be counted without finding them: there is none. The curve lies above the '
            . 'axis everywhere.',
        'why-none-below' => 'The real solutions can be counted without finding them: there is none. The curve lies '
            . 'below the axis everywhere.',
        'check-none' => 'A sample: both sides differ there, as they do everywhere.',
        'why' => 'The real solutions can be counted without finding them: there is one, and it lies in this gap.'
            . '|The real solutions can be counted without finding them: there are :count, each in one of these gaps.',
        'ask' => 'How many real values of :letter solve the equation?',
        'refusal' => 'This is for equations of degree 3 to 6 in which no candidate is a rational root.',
        'advice' => 'No rational root: how many real ones there are, between which decimals, and the curve.',
    ],
    'refusal-none' => 'None of the candidates is a root: there is no rational root, and without one this way ends '
        . 'here.',
    'refusal-rest' => 'Rational roots lead as far as :rest, and for that no way is known here.',
    'advice' => 'Candidates for roots: one to try.|Candidates for roots: :count to try.',
    'advice-square' => 'Only even powers: a quadratic in the square of the letter.',
    'candidates' => [
        'title' => 'List the candidates',
        'title-again' => 'Go on with what is left',
        'why' => 'A rational root is a fraction in lowest terms: its numerator goes into :last, its denominator into '
            . ':first.',
        'why-monic' => 'The first coefficient is 1, so a rational root is a whole number that goes into :last.',
        'why-again' => 'The next root is one of :polynomial. What has failed once cannot work now and is left out.',
    ],
    'signs' => [
        'title-positive' => 'Pass over the positive ones',
        'title-negative' => 'Pass over the negative ones',
        'why-positive' => 'All coefficients are positive, so for a positive :letter nothing can cancel.',
        'why-negative' => 'For a negative :letter all terms have the same sign, so nothing can cancel.',
    ],
    'try' => [
        'title' => 'Try :value',
        'why' => 'The remainder is :remainder, not 0: no root.',
        'why-highest' => 'The remainder is :remainder, not 0. Dividing gives nothing but positive numbers, so nothing '
            . 'larger can be a root either.',
        'why-lowest' => 'The remainder is :remainder, not 0. Dividing gives plus and minus in turn, so nothing '
            . 'smaller can be a root either.',
        'ask' => 'What is left over for :value?',
    ],
    'others' => [
        'title' => 'One more fails|:count more fail',
        'why' => 'Each leaves a remainder that is not 0.',
    ],
    'beyond' => [
        'title' => 'One lies beyond all roots|:count lie beyond all roots',
        'why' => 'A candidate before has shown that nothing on its far side can be a root.',
    ],
    'none' => [
        'title' => 'No candidate is a root',
        'title-left' => 'Every candidate has failed already',
        'why' => ':polynomial has no rational root, so no linear factor goes into it. Whether factors of higher '
            . 'degree do is another question, not looked into here.',
        'why-cubic' => ':polynomial has no rational root. A cubic that factors has a linear factor, so this one is '
            . 'prime.',
    ],
    'hit' => [
        'title' => ':value is a root',
        'why' => 'Synthetic division by it leaves nothing over.',
        'why-scaled' => 'Synthetic division by it leaves nothing over. The denominator :scale goes from the quotient '
            . 'into the factor.',
    ],
    'carry' => [
        'title' => 'Write the factor :factor',
        'why' => 'The quotient :quotient is carried on.',
        'why-quadratic' => 'The quotient :quotient is a quadratic: that has its own ways.',
    ],
    'rest' => [
        'title' => 'Write the factors of the quadratic',
        'why' => 'They take its place.',
        'title-prime' => 'The quadratic is prime',
        'why-prime' => 'Its discriminant is :value, and that is not a perfect square.',
        'why-prime-negative' => 'Its discriminant is :value: negative, so it has no real root.',
    ],
    'square' => [
        'title' => 'See the quadratic in :square',
        'why' => 'Only even powers of the letter stand here: with :unknown for :square it is a quadratic.',
        'title-back' => 'Put :square back for :unknown',
        'why-back' => 'The factors in :unknown become factors with :square.',
        'title-split' => 'Split the differences of squares',
        'why-split' => 'A difference of two squares is sum times difference of what is squared.',
    ],
    'complete' => [
        'why' => 'No factor that is left can be factored further over the integers.',
        'title-stuck' => 'Factored as far as this way leads',
        'why-stuck' => 'This is as far as rational roots lead.',
        'title-prime' => 'It is prime',
        'why-prime' => 'It cannot be written as a product of polynomials with whole coefficients.',
        'title-prime-equation' => 'The side with the letter is prime',
        'why-prime-equation' => 'It cannot be written as a product of polynomials with whole coefficients: factoring '
            . 'does not lead to the solutions here.',
    ],
    'check' => [
        'none' => 'No candidate gives 0',
        'none-why' => 'Each candidate put in for :letter leaves something else.',
    ],
    'fork' => [
        'why-power' => 'Each factor is set equal to 0: linear ones are solved at once, a power by its root.',
        'why' => 'Each factor is set equal to 0: linear ones are solved at once, a quadratic by its own ways.',
    ],
    'quadratic' => [
        'none' => 'No real number has a negative square: this factor gives no solution.',
        'none-power' => 'An even power is never negative: this factor gives no solution.',
    ],
    'all' => [
        'why' => 'Degree :degree: there can be :degree solutions at most, and one is found.|Degree :degree: there can '
            . 'be :degree solutions at most, and :count are found.',
        'title-factors' => 'No factor can be 0',
        'why-none' => 'A quadratic with a negative discriminant is never 0, so the product is not 0 either.',
    ],
];
