<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'cookie'),
    'lifetime' => 720,
    'expire_on_close' => true,
    'encrypt' => false,
    'cookie' => 'runel_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
