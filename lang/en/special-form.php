<?php

declare(strict_types=1);

return [
    'refusal' => 'This is neither a perfect square nor a difference of squares.',
    'square' => ['title' => 'First and last term are squares', 'why' => 'Is it a perfect-square trinomial? The middle will tell.', 'write' => 'Square, double product, square: the same factor twice.'],
    'difference' => ['title' => 'A difference of two squares', 'why' => 'First and last term are squares, a minus between them, no middle term.', 'write' => 'Sum times difference of the two roots.'],
    'middle' => ['title' => 'Check the middle', 'why' => 'Twice the product of both roots is the middle term.', 'why-minus' => 'Twice the product of both roots is the middle term without its sign; the minus goes with the second.', 'ask' => 'What is twice :first times :last?'],
    'common' => ['title' => 'Take out the letter :letter', 'why' => 'There is no last term, so every term holds :letter.'],
]
;
