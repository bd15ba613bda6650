<?php

declare(strict_types=1);

namespace App\Page;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Config\Repository as Config;
use Runel\Style\HouseStyle;

/** Parts of pages that depend on nothing but the program and a house style: made once, then remembered. */
final readonly class Remembered
{
    private const SECONDS = 86_400;

    public function __construct(private Repository $cache, private Config $config) {}

    /** @param \Closure(): string $make */
    public function html(string $part, HouseStyle $style, \Closure $make): string
    {
        $version = $this->config->get('runel.version');
        $key = "$part." . (\is_string($version) ? $version : '') . '.' . hash(
            'xxh64',
            (string) json_encode($style->chosen()),
        );
        try {
            $known = $this->cache->get($key);
            if (!\is_string($known)) {
                $known = $make();
                $this->cache->put($key, $known, self::SECONDS);
            }

            return $known;
        } catch (\ErrorException) {
            // A disk that is full, or a folder that cannot be written: then it is made each time.
            return $make();
        }
    }
}
