<?php

declare(strict_types=1);

namespace App\View;

/** What the program and its assets are, in a few letters: another version has other letters. */
final class Version
{
    private const PROGRAM = ['app', 'core', 'lang', 'resources/views', 'routes', 'config'];
    private const ASSETS = [
        'runel.css',
        'mark.svg',
        'vendor/bulma.css',
        'vendor/htmx.js',
        'vendor/freehand.js',
        'vendor/sortable.js',
        'vendor/uqr.js',
        'vendor/text.woff2',
        'vendor/math.woff2',
        'vendor/math-italic.woff2',
    ];

    /** What every page's scripts import, so that all of it is fetched at once. */
    public const MODULES = [
        'ahead', 'aloud', 'bench', 'clock', 'copying', 'files', 'keys', 'lesson', 'pad', 'paper', 'pen', 'pile',
        'presenting', 'projector', 'sets', 'sheet', 'shelf', 'slates', 'spoken', 'strokes', 'styles', 'swaps',
        'terms', 'timer', 'windows', 'work',
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

    /** All scripts together: they import one another by their names, so a version is the folder they lie in. */
    public static function ofScripts(string $root): string
    {
        $seen = '';
        foreach (glob("$root/resources/js/*.js") ?: [] as $file) {
            $seen .= basename($file) . hash_file('xxh64', $file);
        }

        return substr(hash('xxh64', $seen), 0, 10);
    }

    /** Copies the scripts to where they are fetched from, and forgets those of other versions. */
    public static function publishScripts(string $root): void
    {
        $folder = "$root/public/js/" . self::ofScripts($root);
        foreach (glob("$root/public/js/*", \GLOB_ONLYDIR) ?: [] as $old) {
            if ($old !== $folder) {
                array_map(unlink(...), glob("$old/*") ?: []);
                rmdir($old);
            }
        }
        if (!is_dir($folder) && !mkdir($folder, recursive: true)) {
            throw new \RuntimeException("The folder $folder cannot be made.");
        }
        foreach (glob("$root/resources/js/*.js") ?: [] as $file) {
            copy($file, "$folder/" . basename($file));
        }
    }

    /** The address of a script. */
    public static function script(string $name): string
    {
        $version = config('runel.scripts');

        return '/js/' . (\is_string($version) ? $version : '') . "/$name.js";
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
