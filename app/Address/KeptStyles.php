<?php

declare(strict_types=1);

namespace App\Address;

use Runel\Method\Catalogue;

/** House styles kept under names on one computer, as a cookie holds them. */
final readonly class KeptStyles
{
    public const COOKIE = 'runel_styles';
    /** More than this nobody chooses from; and a cookie has its limit. */
    private const MOST = 12;
    private const LONGEST_NAME = 40;
    private const LONGEST_COOKIE = 3500;

    /** @param array<string, Standing> $byName in alphabetical order */
    private function __construct(public array $byName) {}

    /** What cannot be read in a cookie is passed over. */
    public static function ofCookie(mixed $cookie, Catalogue $catalogue): self
    {
        parse_str(\is_string($cookie) ? mb_substr($cookie, 0, self::LONGEST_COOKIE) : '', $values);
        $byName = [];
        foreach (\array_slice($values, 0, self::MOST, true) as $name => $chosen) {
            $byName[self::name((string) $name)] = Standing::lenient($catalogue, \is_array($chosen) ? $chosen : []);
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

    public function toCookie(Catalogue $catalogue): string
    {
        $values = [];
        foreach ($this->byName as $name => $standing) {
            // A style without a difference still has to be written down.
            $values[$name] = $standing->chosen($catalogue) ?: ['words' => 'us'];
        }

        return http_build_query($values);
    }

    /** A name fit for a list: no brackets, which mean something in a query, one line, not too long. */
    private static function name(string $name): string
    {
        return mb_substr(trim((string) preg_replace('/[\[\]\s.]+/u', ' ', $name)), 0, self::LONGEST_NAME);
    }
}
