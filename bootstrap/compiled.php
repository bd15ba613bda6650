<?php

declare(strict_types=1);

/*
 * For the command line: PHP starts anew in the same process, with its compiled code kept on disk, so that a command
 * begins in half the time. What PHP was told and what the command was told goes along. Where any of it is missing (the
 * extensions, a system that shows a process its own words, a folder that is this user's alone), all goes on as it is.
 */

(static function (): void {
    $isOn = filter_var(ini_get('opcache.enable_cli'), FILTER_VALIDATE_BOOL);
    if ($isOn || !extension_loaded('Zend OPcache') || !extension_loaded('pcntl') || !extension_loaded('posix')) {
        return;
    }
    $words = is_readable('/proc/self/cmdline') ? explode("\0", (string) file_get_contents('/proc/self/cmdline')) : [];
    $folder = dirname(__DIR__) . '/storage/framework/compiled';
    if (count($words) < 3 || (!is_dir($folder) && !@mkdir($folder, 0o700))) {
        return;
    }
    // Whoever could write there could have this user run anything.
    if (fileowner($folder) !== posix_geteuid() || (fileperms($folder) & 0o77) !== 0 || !is_writable($folder)) {
        return;
    }
    @pcntl_exec(PHP_BINARY, [
        '-d', 'opcache.enable_cli=1',
        '-d', "opcache.file_cache=$folder",
        '-d', 'opcache.file_cache_only=1',
        ...array_slice($words, 1, -1),
    ]);
})();
