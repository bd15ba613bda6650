<?php

declare(strict_types=1);

return [
    'refusal-not-quadratic' => 'Solving by factoring is for quadratic equations in one letter.',
    'refusal-prime' => 'This equation does not factor over the integers: its discriminant is no perfect square.',
    'given' => ['title' => 'Read the problem', 'why' => 'A product stands on one side and 0 on the other: it is factored already.'],
    'zero' => [
        'title' => 'A product is 0: one of its factors is 0',
        'title-double' => 'A square is 0: its base is 0',
        'why' => 'A number in front is never 0; each factor with a letter may be.',
        'why-double' => 'The same factor stands twice, so there is only one equation to solve.',
    ],
    'linear' => ['title' => 'Solve :factor', 'why' => 'The number goes to the other side, then both sides are divided.', 'ask' => 'Which value solves :factor?'],
    'solutions' => [
        'title' => 'The solutions', 'title-double' => 'One double solution',
        'why' => 'Both values solve the equation: one or the other.', 'why-double' => 'Both factors give the same value, so it is said once.',
    ],
]
;
