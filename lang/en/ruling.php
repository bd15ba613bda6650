<?php

declare(strict_types=1);

return [
    'own' => 'Your word on it',
    'line' => 'This line is',
    'slip' => 'The slip is',
    'piece' => 'The whole is',
    'judged' => 'as judged',
    'right' => 'right',
    'wrong' => 'wrong',
    'apart' => 'not to be counted',
    'no-slip' => 'none',
    'counted-right' => 'right, by your word',
    'save' => 'Keep this word',
    'kept' => 'Your word is kept, and everything counted goes by it.',
];
