<?php

declare(strict_types=1);

return [
    'missing-placeholder' => ['watch' => 'A missing power needs its 0: without it everything after slides into the wrong place.', 'diagnosis' => 'A missing power was not given its place.'],
    'exponents-multiplied' => ['watch' => 'Exponents are added, not multiplied.', 'diagnosis' => 'The exponents were multiplied; they have to be added.'],
    'exponents-not-added' => ['watch' => 'Letter times letter: do not forget to add the exponents.', 'diagnosis' => 'The exponents were not added: letter times letter raises the power.'],
    'letter-dropped' => ['watch' => 'Do not lose the letter.', 'diagnosis' => 'The letter got lost.'],
    'sign-of-product' => ['watch' => 'Decide the sign first: a minus belongs to its term.', 'diagnosis' => 'The number is right, the sign is not.'],
    'coefficients-added' => ['watch' => 'The numbers are multiplied, not added.', 'diagnosis' => 'The numbers were added; they have to be multiplied.'],
    'larger-sign-lost' => ['watch' => 'With different signs the larger magnitude gives the sign.', 'diagnosis' => 'The size is right, but the sign of the larger magnitude was lost.'],
    'signs-ignored' => ['watch' => 'Look at the signs before adding.', 'diagnosis' => 'The magnitudes were simply added; with different signs they work against each other.', 'diagnosis-both-minus' => 'Two minuses make a plus only when multiplying. Added, they make more minus.'],
    'unlike-terms-collected' => ['watch' => 'Adding like terms leaves the exponents alone.', 'diagnosis' => 'The exponents were added too; adding like terms leaves them alone.'],
    'term-missed' => ['watch' => 'Count the terms: every one has to be in the sum.', 'diagnosis' => 'One of the terms was left out.'],
    'minus-not-carried' => ['watch' => 'A minus in front multiplies every term in the parentheses.', 'diagnosis' => 'The minus was not carried through the parentheses.'],
    'double-product-forgotten' => ['watch' => 'A square has a middle term: twice the product of both.', 'diagnosis' => 'The product counts twice.'],
    'common-factor-forgotten' => ['watch' => 'Look for the common factor first; it must not get lost at the end.', 'diagnosis' => 'The common factor was forgotten.'],
    'not-factored-completely' => ['watch' => 'Look into each factor: does it still hide a common factor?', 'diagnosis' => 'It is not factored completely.'],
    'right-product-wrong-sum' => ['watch' => 'The right product is not enough: the sum has to fit too.', 'diagnosis' => 'The product fits, but the sum does not.'],
    'right-sum-wrong-product' => ['watch' => 'The right sum is not enough: the product has to fit too.', 'diagnosis' => 'The sum fits, but the product does not.'],
    'signs-in-wrong-brackets' => ['watch' => 'Each sign has to land in the right place.', 'diagnosis' => 'The numbers are right, but the signs are in the wrong places.'],
    'scaled-factors-given' => ['watch' => 'The factors of the scaled trinomial are not the answer yet.', 'diagnosis' => 'These are the factors of the scaled trinomial: the leading coefficient is still to be divided out.'],
    'minus-one-twice' => ['watch' => 'The −1 goes into exactly one factor: in both it would cancel.', 'diagnosis' => 'The −1 was put into both factors.'],
    'product-not-zero' => ['watch' => 'Only a product that is 0 says anything about its factors: the other side has to be 0 first.', 'diagnosis' => 'The factors were set equal to the other side; that is allowed only for 0.'],
    'fraction-cleared-one-term' => ['watch' => 'Every single term is multiplied, those without a fraction too.', 'diagnosis' => 'Not every term was multiplied.'],
    'root-lost' => ['watch' => 'Do not divide by the letter: a solution would be lost.', 'diagnosis' => 'A solution was lost by dividing by the letter.'],
    'sign-not-turned' => ['watch' => 'A number that changes sides changes its sign.', 'diagnosis' => 'The sign was not turned.', 'diagnosis-crossing' => 'A term crossed over without turning its sign.'],
];
