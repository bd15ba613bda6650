<?php

declare(strict_types=1);

return [
    'minus-not-carried' => [
        'watch' => 'A minus in front multiplies every term of the bracket.',
        'diagnosis' => 'The minus was not carried through the bracket.',
    ],
    'not-factored-completely' => [
        'watch' => 'Look into each bracket: does it still hide a common factor?',
        'diagnosis' => 'It is not factorised completely.',
    ],
    'minus-one-twice' => [
        'watch' => 'The −1 goes into exactly one bracket: in both it would cancel.',
        'diagnosis' => 'The −1 was put into both brackets.',
    ],
];
