<?php

declare(strict_types=1);

return [
    'not-made' => 'A copy of the database could not be made, so nothing was changed. Is there room on the disk, and '
        . 'may storage/ be written?',
    'no-such' => 'There is no copy called :name. bin/restore without a name lists those there are.',
    'damaged' => 'The copy :name is damaged. Nothing was changed; take another one.',
    'none' => 'There are no copies yet.',
    'made' => 'A copy was made: :name',
    'restored' => ':name is the database now. What was there before is kept as :aside.',
    'judged' => ':count pieces of work were judged anew; :changed of them have other verdicts now.',
    'wrong-form' => 'The database lacks :what, so this version of Runel cannot work with it. Bring back a copy with '
        . 'bin/restore, or begin with bin/demo --fresh.',
];
