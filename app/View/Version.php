<?php

declare(strict_types=1);

namespace App\View;

/** What the program and its assets are, in a few letters: another version has other letters. */
final class Version
{
    private const PROGRAM = ['app', 'core', 'lang', 'resources/views', 'routes', 'config'];
    private const ASSETS = [
        'runel.css',
        'runel.js',
        'mark.svg',
        'vendor/bulma.css',
        'vendor/htmx.js',
        'vendor/sortable.js',
        'vendor/text.woff2',
        'vendor/math.woff2',
        'vendor/math-italic.woff2',
    ];

    public static function ofProgram(string $root): string
    {
        $seen = '';
        foreach (self::PROGRAM as $folder) {
            $files = new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS),
            );
            $own = [];
            foreach ($files as $file) {
                \assert($file instanceof \SplFileInfo);
                $own[] = "{$file->getPathname()} {$file->getSize()} {$file->getMTime()}";
            }
            sort($own);
            $seen .= implode("\n", $own);
        }

        return substr(hash('xxh64', $seen), 0, 10);
    }

    /** @return array<string, string> by path below the public folder */
    public static function ofAssets(string $public): array
    {
        $versions = [];
        foreach (self::ASSETS as $path) {
            $versions[$path] = substr((string) hash_file('xxh64', "$public/$path"), 0, 10);
        }

        return $versions;
    }

    /** The address of an asset, its version in it. */
    public static function asset(string $path): string
    {
        $versions = config('runel.assets');

        // An address without a version would be kept for a year, whatever becomes of the file.
        return "/$path?v=" . (\is_array($versions) && \is_string($versions[$path] ?? null)
            ? $versions[$path]
            : throw new \LogicException("No version is known of $path."));
    }
}
