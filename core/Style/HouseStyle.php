<?php

declare(strict_types=1);

namespace Runel\Style;

use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Notation\TimesSign;

/** How one school writes its algebra: one value for each key of the table. */
final readonly class HouseStyle
{
    /** Every key with its values, the default first. Places is a number and stands apart. */
    public const TABLE = [
        'words' => ['us', 'uk'],
        'moving' => ['both-sides', 'across'],
        'unknown-side' => ['left', 'larger'],
        'square-books' => ['both-sides', 'same-side'],
        'leading' => ['divide', 'factor-out'],
        'half-squared' => ['evaluate', 'keep'],
        'negative-root' => ['none', 'complex'],
        'answers' => ['exact', 'decimal', 'both'],
        'places' => ['2', '1', '3', '4', '5', '6'],
        'fractions' => ['combined', 'separate'],
        'cross-signs' => ['first', 'last'],
        'minus-one' => ['outside', 'inside'],
        'outer-terms-first' => ['off', 'on'],
        'middle-terms' => ['written', 'in-head'],
        'grid-long-edge' => ['top', 'side', 'as-given'],
        'times' => ['dot', 'cross', 'none'],
        'verdict' => ['shown', 'held'],
        'check-by' => ['term-by-term', 'grid', 'by-degree', 'columns'],
        'favourite' => ['none', 'sum-product', 'split-middle', 'product-grid', 'cross', 'trial', 'scale'],
    ];

    /** @param array<string, string> $chosen only what differs from the default */
    private function __construct(private array $chosen) {}

    public static function default(): self
    {
        return new self([]);
    }

    /**
     * @param array<array-key, mixed> $values by key; keys left out take their default
     *
     * @throws BadRequest for a key or a value that is not in the table
     */
    public static function of(array $values): self
    {
        $style = self::default();
        foreach ($values as $key => $value) {
            $style = $style->with((string) $key, \is_scalar($value) ? (string) $value : '');
        }

        return $style;
    }

    /** @throws BadRequest for a key or a value that is not in the table */
    public function with(string $key, string $value): self
    {
        if (!isset(self::TABLE[$key])) {
            throw new BadRequest(Message::of('error.style-key', ['found' => mb_substr($key, 0, 40)]));
        }
        if (!\in_array($value, self::TABLE[$key], true)) {
            throw new BadRequest(Message::of('error.style-value', ['key' => $key, 'found' => mb_substr($value, 0, 40), 'values' => implode(', ', self::TABLE[$key])]));
        }
        $chosen = $this->chosen;
        unset($chosen[$key]);

        return new self($value === self::TABLE[$key][0] ? $chosen : [$key => $value] + $chosen);
    }

    public function get(string $key): string
    {
        return $this->chosen[$key] ?? self::TABLE[$key][0];
    }

    public function is(string $key, string $value): bool
    {
        return $this->get($key) === $value;
    }

    public function times(): TimesSign
    {
        return TimesSign::from($this->get('times'));
    }

    /** @return array<string, string> what differs from the default, in the table's order */
    public function chosen(): array
    {
        return $this->chosen === [] ? [] : array_intersect_key($this->all(), $this->chosen);
    }

    /** @return array<string, string> every key with its value */
    public function all(): array
    {
        $all = [];
        foreach (array_keys(self::TABLE) as $key) {
            $all[$key] = $this->get($key);
        }

        return $all;
    }
}
