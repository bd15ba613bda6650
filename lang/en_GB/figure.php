<?php

declare(strict_types=1);

return [
    'arcs' => 'Two brackets above :places places for the answer',
];
