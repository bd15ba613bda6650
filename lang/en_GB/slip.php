<?php

declare(strict_types=1);

return [
    'minus-not-carried' => [
        'watch' => 'A minus in front multiplies every term of the bracket.',
        'diagnosis' => 'The minus was not carried through the bracket.',
    ],
    'first-term-only' => [
        'watch' => 'The number in front multiplies every term in the bracket.',
        'diagnosis' => 'Only the first term in the bracket was multiplied.',
    ],
    'not-factored-completely' => [
        'name' => 'not factorised completely',
        'watch' => 'Look into each bracket: does it still hide a common factor?',
        'diagnosis' => 'It is not factorised completely.',
    ],
    'minus-one-twice' => [
        'watch' => 'The −1 goes into exactly one bracket: in both it would cancel.',
        'diagnosis' => 'The −1 was put into both brackets.',
    ],
];
