<?php

declare(strict_types=1);

// For PHP's own server: files of public/ as they are, compressed where that helps, everything else to the application.
const TYPES = [
    'css' => 'text/css',
    'js' => 'text/javascript',
    'svg' => 'image/svg+xml',
    'woff2' => 'font/woff2',
    'txt' => 'text/plain',
];

header_remove('X-Powered-By');
$asked = $_SERVER['REQUEST_URI'] ?? '/';
$path = rawurldecode((string) parse_url(is_string($asked) ? $asked : '/', PHP_URL_PATH));
$type = str_contains($path, "\0") ? null : TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
$public = (string) realpath(__DIR__ . '/../public');
$file = $type === null ? false : realpath($public . $path);
if ($type !== null && $file !== false && is_file($file) && str_starts_with($file, $public . DIRECTORY_SEPARATOR)) {
    $tag = '"' . filemtime($file) . '-' . filesize($file) . '"';
    /** @var array<string, string> $headers */
    $headers = require __DIR__ . '/headers.php';
    foreach ($headers as $name => $value) {
        header("$name: $value");
    }
    header("Content-Type: $type" . ($type === 'font/woff2' ? '' : '; charset=UTF-8'));
    // An address with a version in it never means anything else; any other is asked about each time.
    $isVersioned = isset($_GET['v']) || preg_match('~^/js/[0-9a-f]{10}/~', $path) === 1;
    header('Cache-Control: ' . ($isVersioned ? 'public, max-age=31536000, immutable' : 'no-cache'));
    header("ETag: $tag");
    if ($type === 'font/woff2') {
        ini_set('zlib.output_compression', '0');
    }
    if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $tag) {
        http_response_code(304);
    } else {
        readfile($file);
    }

    return true;
}

require __DIR__ . '/../public/index.php';
