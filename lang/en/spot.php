<?php

declare(strict_types=1);

// A page of work with one slip in it, which is to be found.
return [
    'title' => 'Find the slip',
    'ask' => 'One line does not follow from the line before it. Which one?',
    'pick' => 'Line :line does not follow',
    'follows' => 'Line :line follows from the line before it. Look again.',
    'through' => 'Line :line does follow from the line before it; what is wrong there was carried along. The slip is '
        . 'further up.',
    'found' => 'Found: line :line does not follow.',
    'mend' => 'Mend it and take it to the end',
    'given' => 'Handed out as a page with a slip: the lines above the slip were given, the rest is the learner’s.',
    'none' => 'There is no page of work here.',
];
