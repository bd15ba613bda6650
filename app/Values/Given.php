<?php

declare(strict_types=1);

namespace App\Values;

/** Values from outside (a form, an address, a file, a column) read as what they should be; what is not, is missing. */
final readonly class Given
{
    /** @param array<array-key, mixed> $values */
    private function __construct(public array $values) {}

    /** @param mixed $values anything but a list or a map holds nothing */
    public static function of(mixed $values): self
    {
        return new self(\is_array($values) ? $values : []);
    }

    /** @param int<1, max> $depth */
    public static function json(mixed $text, int $depth = 16): self
    {
        return self::of(\is_string($text) ? json_decode($text, true, $depth) : null);
    }

    /** A text as it was sent; null where there is none. */
    public function typed(int|string $key): ?string
    {
        return \is_string($this->values[$key] ?? null) ? $this->values[$key] : null;
    }

    /** The same where it says anything. */
    public function said(int|string $key): ?string
    {
        $typed = $this->typed($key);

        return $typed === null || trim($typed) === '' ? null : $typed;
    }

    /** A text or a number as text, in good UTF-8 and without space around it; '' where there is none. */
    public function text(int|string $key, int $most = \PHP_INT_MAX): string
    {
        $value = $this->values[$key] ?? null;

        return \is_scalar($value) ? mb_substr(trim(mb_scrub((string) $value)), 0, $most) : '';
    }

    /** A whole number of at most so many digits, without a sign; null where there is none. */
    public function number(int|string $key, int $digits = 3): ?int
    {
        $text = $this->text($key);

        return preg_match("/^\d{1,$digits}$/", $text) === 1 ? (int) $text : null;
    }

    /** Whether a switch is on, in whatever way a form or a file says so. */
    public function isOn(string $key): bool
    {
        return filter_var($this->values[$key] ?? false, \FILTER_VALIDATE_BOOL);
    }

    /** @return array<array-key, mixed> a list or a map; nothing where there is none */
    public function list(int|string $key): array
    {
        return $this->within($key)->values;
    }

    public function within(int|string $key): self
    {
        return self::of($this->values[$key] ?? null);
    }

    /** @return list<string> those of a list that are texts */
    public function texts(int|string $key): array
    {
        return array_values($this->within($key)->allTexts());
    }

    /** @return array<array-key, string> those of these values that are texts, under their keys */
    public function allTexts(): array
    {
        return array_filter($this->values, is_string(...));
    }

    /** @return list<self> those of a list that are lists or maps themselves */
    public function each(int|string $key): array
    {
        return array_map(self::of(...), array_values(array_filter($this->list($key), is_array(...))));
    }

    public function has(int|string $key): bool
    {
        return isset($this->values[$key]);
    }
}
