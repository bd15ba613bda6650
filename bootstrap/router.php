<?php

declare(strict_types=1);

// For PHP's own server: files of public/ as they are, compressed where that helps, everything else to the application.
const TYPES = ['css' => 'text/css', 'js' => 'text/javascript', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2', 'txt' => 'text/plain'];

$path = rawurldecode((string) parse_url((string) ($_SERVER['REQUEST_URI'] ?? '/'), PHP_URL_PATH));
$file = realpath(__DIR__ . '/../public' . $path);
$type = TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
if ($type !== null && $file !== false && is_file($file) && str_starts_with($file, (string) realpath(__DIR__ . '/../public'))) {
    $tag = '"' . filemtime($file) . '-' . filesize($file) . '"';
    header("Content-Type: $type" . ($type === 'font/woff2' ? '' : '; charset=UTF-8'));
    header('Cache-Control: no-cache');
    header('X-Content-Type-Options: nosniff');
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
