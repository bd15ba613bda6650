<?php

declare(strict_types=1);

return [
    'no-name' => 'A name is missing.',
    'many-styles' => ':most styles are kept already: forget one first.',
    'long-name' => 'A name takes at most :most signs; this one has :length.',
    'changed-elsewhere' => 'This was changed in another window in the meantime. What stands here now is that change; '
        . 'what you typed is kept in the fields below, so look at both and save again.',
    'newer' => 'This file was written by a newer Runel than this one, which reads form :known. Bring this one up to '
        . 'date first; nothing was changed.',
    'not-written' => ':path cannot be written.',
    'no-archive' => ':path is not a file that Runel has exported. Nothing was changed.',
    'too-large' => 'This file holds more than :limit MB. Nothing was changed.',
    'damaged' => ':file is damaged at line :line. Nothing was changed.',
    'broken' => 'Line :line of :file holds something in “:column” that Runel never writes there. Nothing was '
        . 'changed.',
    'came' => ':table: :came came in, :here were here already',
];
