<?php

declare(strict_types=1);

namespace App\Address;

use Runel\Method\Catalogue;
use Runel\Style\HouseStyle;
use Symfony\Component\HttpFoundation\Cookie;

/** House styles kept under names on one computer, as a cookie holds them. */
final readonly class KeptStyles
{
    public const COOKIE = 'runel_styles';
    /** More than this nobody chooses from; and a cookie has its limit. */
    private const MOST = 12;
    private const LONGEST_NAME = 40;
    private const LONGEST_COOKIE = 3500;
    private const YEAR = 60 * 60 * 24 * 365;

    /** @param array<string, Standing> $byName in alphabetical order */
    private function __construct(public array $byName) {}

    /** What cannot be read in a cookie is passed over. */
    public static function ofCookie(mixed $cookie, Catalogue $catalogue): self
    {
        $values = self::values(\is_string($cookie) ? mb_substr($cookie, 0, self::LONGEST_COOKIE) : '');
        $byName = [];
        foreach (\array_slice($values, 0, self::MOST, true) as $name => $chosen) {
            $byName[self::name((string) $name)] = Standing::lenient($catalogue, $chosen + HouseStyle::UNNUMBERED);
        }
        unset($byName['']);

        return new self($byName);
    }

    /** The same with one more, or one changed; where there is no room left, as it was. */
    public function with(string $name, Standing $standing): self
    {
        $name = self::name($name);
        $byName = $name === '' ? $this->byName : [$name => $standing] + $this->byName;
        ksort($byName);

        return \count($byName) > self::MOST ? $this : new self($byName);
    }

    public function without(string $name): self
    {
        return new self(array_diff_key($this->byName, [$name => true]));
    }

    /** @param bool $isSecure whether it goes over https alone */
    public function asCookie(Catalogue $catalogue, bool $isSecure): Cookie
    {
        return Cookie::create(self::COOKIE, $this->toCookie($catalogue), time() + self::YEAR)
            ->withSecure($isSecure)
            ->withHttpOnly()
            ->withSameSite(Cookie::SAMESITE_LAX);
    }

    private function toCookie(Catalogue $catalogue): string
    {
        $values = [];
        foreach ($this->byName as $name => $standing) {
            $values[$name] = $standing->kept($catalogue);
        }

        return http_build_query($values);
    }

    /**
     * As a query, read by hand: PHP's own reading makes underlines of the spaces in a name.
     *
     * @return array<array-key, array<string, string>> by name and key
     */
    private static function values(string $query): array
    {
        $values = [];
        foreach (explode('&', $query) as $part) {
            [$key, $value] = array_map(urldecode(...), explode('=', $part, 2) + ['', '']);
            if (preg_match('/^(.+)\[([\w-]+)\]$/su', $key, $found) === 1) {
                $values[$found[1]][$found[2]] = $value;
            }
        }

        return $values;
    }

    /** A name fit for a list: no brackets, which mean something in a query, one line, not too long. */
    private static function name(string $name): string
    {
        return mb_substr(trim((string) preg_replace('/[\[\]\s.]+/u', ' ', $name)), 0, self::LONGEST_NAME);
    }
}
