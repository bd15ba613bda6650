<?php

declare(strict_types=1);

namespace App\Page;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Config\Repository as Config;
use Runel\Style\HouseStyle;

/**
 * Parts of pages that depend on nothing but the program, a house style and a state of what they show: made once, then
 * remembered. A part has a fixed number of places, so that what is kept does not grow.
 */
final readonly class Remembered
{
    private const PLACES = 32;

    public function __construct(private Repository $cache, private Config $config) {}

    /**
     * @param string             $state another state of what is shown makes the part anew
     * @param \Closure(): string $make
     */
    public function html(string $part, HouseStyle $style, \Closure $make, string $state = ''): string
    {
        $style = (string) json_encode($style->chosen());
        $version = $this->config->get('runel.version');
        $state = implode("\n", [\is_string($version) ? $version : '', $style, $state]);
        $place = $part . '.' . crc32($style) % self::PLACES;
        try {
            $known = $this->cache->get($place);
        } catch (\ErrorException) {
            $known = null;
        }
        if (\is_array($known) && ($known['state'] ?? null) === $state && \is_string($known['html'] ?? null)) {
            return $known['html'];
        }
        $html = $make();
        try {
            $this->cache->forever($place, ['state' => $state, 'html' => $html]);
        } catch (\ErrorException) {
            // A disk that is full, or a folder that cannot be written: then it is made each time.
        }

        return $html;
    }
}
