<?php

declare(strict_types=1);

// Runel serves no stored files.
return ['default' => 'local', 'disks' => [
    'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false],
]];
