<?php

declare(strict_types=1);

return [
    'opened' => [
        'title-left-brackets' => 'Open the brackets of the left side',
        'title-right-brackets' => 'Open the brackets of the right side',
        'why' => 'What was multiplied out takes the place of the brackets.',
        'why-minus' => 'What was multiplied out takes the place of the brackets; a minus in front turns every sign.',
        'why-brackets' => 'A bracket with a plus in front is left out as it is.',
        'why-brackets-minus' => 'A minus in front of a bracket turns every sign in it.',
    ],
    'read' => [
        'why-left-alone' => 'Both sides have to be the same for every value. The right side is worked out already, so '
            . 'the left one is worked until it says the same; nothing is carried across.',
        'why-right-alone' => 'Both sides have to be the same for every value. The left side is worked out already, so '
            . 'the right one is worked until it says the same; nothing is carried across.',
    ],
];
