<?php

declare(strict_types=1);

return [
    'out' => [
        'title' => 'Take :a out of every term',
        'why' => 'Inside stands a trinomial that begins with a plain square.',
    ],
    'below' => [
        'title' => 'Give the last fraction a square below',
        'why' => 'Top and bottom times :a. The product of first and last coefficient appears on top.',
    ],
    'find' => [
        'title' => 'Find the two fractions',
        'why' => 'Two fractions over :a are wanted: their tops multiply to :product and add to :sum. These are :left '
            . 'and :right, the numbers of the scaled trinomial.',
    ],
    'back' => 'The number in front is handed back: it cancels the denominators, leaving :first and :second.',
]
;
