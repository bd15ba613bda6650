<?php

declare(strict_types=1);

// What is sent with every page and every file: nothing from elsewhere, nothing inline, nothing framed.
return [
    'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:;"
        . " font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
    'X-Content-Type-Options' => 'nosniff',
    'Referrer-Policy' => 'no-referrer',
    'X-Frame-Options' => 'DENY',
    'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
];
