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
    'signs-ignored' => ['watch' => 'Look at the signs before adding.', 'diagnosis' => 'The magnitudes were simply added; with different signs they work against each other.'],
    'unlike-terms-collected' => ['watch' => 'Adding like terms leaves the exponents alone.', 'diagnosis' => 'The exponents were added too; adding like terms leaves them alone.'],
    'term-missed' => ['watch' => 'Count the terms: every one has to be in the sum.', 'diagnosis' => 'One of the terms was left out.'],
    'minus-not-carried' => ['watch' => 'A minus in front multiplies every term of the bracket.', 'diagnosis' => 'The minus was not carried through the bracket.'],
    'double-product-forgotten' => ['watch' => 'A square has a middle term: twice the product of both.', 'diagnosis' => 'The product counts twice.'],
];
