<?php

declare(strict_types=1);

return [
    'refusal-many' => 'The special products are for exactly two brackets.',
    'recognise' => [
        'why-square' => 'The same bracket twice: first term squared, twice the product of both, second term squared. The terms are :first and :second.',
        'why-square-minus' => 'The same bracket twice: first term squared, twice the product of both, second term squared. The terms are :first and :second; the minus goes with the second.',
    ],
    'second-square' => [
        'why-minus' => 'The square of :term, and it is subtracted: one bracket had a plus, the other a minus.',
    ],
];
