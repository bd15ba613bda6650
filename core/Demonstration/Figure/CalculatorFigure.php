<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Law\Claim\Comparison;
use Runel\Law\Claim\Identity;

/**
 * A plain keypad and what its display says after each key; beside it the same numbers keyed without brackets, where
 * only the last of them is divided.
 */
final readonly class CalculatorFigure implements Figure
{
    /**
     * @param Expression                  $meant what is to be worked out
     * @param list<array{string, string}> $keys  each key and the display after it
     * @param Expression|null             $other what comes out without the brackets; null where there is no bar
     * @param list<array{string, string}> $wrong the same keys without brackets
     */
    public function __construct(
        public Expression $meant,
        public array $keys,
        public ?Expression $other,
        public array $wrong,
    ) {}

    public function type(): string
    {
        return 'calculator';
    }

    public function data(): array
    {
        return [
            'meant' => $this->meant,
            'keys' => self::shown($this->keys),
            'other' => $this->other,
            'wrong' => self::shown($this->wrong),
        ];
    }

    /**
     * @param list<array{string, string}> $keys
     *
     * @return list<array{key: string, display: string}>
     */
    private static function shown(array $keys): array
    {
        return array_map(static fn(array $key): array => ['key' => $key[0], 'display' => $key[1]], $keys);
    }

    public function ground(): array
    {
        return [$this];
    }

    public function written(): array
    {
        return ['keys' => true];
    }

    public function claims(string $part): array
    {
        return $this->other === null
            ? [new Identity($this->meant, $this->meant)]
            : [
                new Identity($this->meant, $this->meant),
                new Identity($this->other, $this->other),
                new Comparison($this->meant, $this->other, false),
            ];
    }
}
