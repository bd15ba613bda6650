<?php

declare(strict_types=1);

return [
    'refusal' => 'Scaling is for a leading coefficient other than 1.',
    'refusal-content' => 'All terms still have :content in common, and scaling would lose it: take it out first.',
    'refusal-prime' => 'Scaling leads nowhere here: the trinomial is prime.',
    'scale' => [
        'title' => 'Multiply the last coefficient by the first',
        'why' => 'Instead of the trinomial, :scaled is factored first: the leading :a has gone into the last term.',
    ],
    'factored' => [
        'title' => 'The scaled trinomial, factored',
        'why' => 'This is not the answer yet: it belongs to the scaled trinomial.',
    ],
    'divide' => [
        'title' => 'Divide both numbers by :a',
        'why' => 'What was scaled by :a is scaled back. The :a in front keeps the value.',
    ],
    'hand-back' => [
        'title' => 'Share out the :a in front',
        'why' => 'Each factor gets its own denominator: together they make the number in front.',
    ],
    'reduce' => ['title' => 'Reduce the fractions', 'why' => 'Lowest terms: now the denominators show.'],
]
;
