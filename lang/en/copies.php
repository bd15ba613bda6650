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
    'judged' => '{0}No kept work was judged anew.|{1}One piece of kept work was judged anew, as Runel has changed.|'
        . '[2,*]:count pieces of kept work were judged anew, as Runel has changed.',
    'otherwise' => '{0}None has other verdicts now.|{1}One has other verdicts now: see Learners.|[2,*]:count have '
        . 'other verdicts now: see Learners.',
    'wrong-form' => 'The database lacks :what, so this version of Runel cannot work with it. Bring back a copy with '
        . 'bin/restore, or begin with bin/demo --fresh.',
];
