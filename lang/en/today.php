<?php

declare(strict_types=1);

return [
    'title' => 'Today',
    'play' => 'Play',
    'due' => 'one thing due|:count things due',
    'sheet' => 'Make tonight’s sheet',
    'worked' => 'One has worked since yesterday|:count have worked since yesterday',
    'look' => 'Look',
    'wobble' => ':skill, rung :rung, wobbles for one|:skill, rung :rung, wobbles for :count',
    'plan' => 'Plan',
    'names' => 'Show names',
];
