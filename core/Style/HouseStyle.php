<?php

declare(strict_types=1);

namespace Runel\Style;

use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Notation\TimesSign;

/** How one school writes its algebra: one value for each key of the table. */
final readonly class HouseStyle
{
    /** Which defaults these are. What was made under earlier ones names their number, and is read with them. */
    public const DEFAULTS = 3;
    /** The key under which that number stands beside what is kept. */
    public const NUMBER = 'house';
    /** What was kept before the number stood beside it was kept under these. */
    public const UNNUMBERED = [self::NUMBER => '2'];
    /** By the number of earlier defaults: what they were where they were others. */
    private const EARLIER = [
        1 => ['pair-order' => 'from-one', 'verdict' => 'shown'],
        2 => ['verdict' => 'shown'],
    ];
    /** By the number of earlier defaults: what values were called then that are called otherwise now. */
    private const RENAMED = [
        1 => ['middle-terms' => ['in-head' => 'in-head-last']],
        2 => ['middle-terms' => ['in-head' => 'in-head-last']],
    ];

    /** Every key with its values; of each the first is the default. */
    private const KEYS = [
        'words' => Words::class,
        'moving' => Moving::class,
        'unknown-side' => UnknownSide::class,
        'collect-first' => CollectFirst::class,
        'sides-turned' => SidesTurned::class,
        'gathered' => Gathered::class,
        'square-order' => SquareOrder::class,
        'square-books' => SquareBooks::class,
        'leading' => Leading::class,
        'half-squared' => HalfSquared::class,
        'square-shown' => SquareShown::class,
        'why-this-way' => WhyThisWay::class,
        'after-root' => AfterRoot::class,
        'rational-pair' => RationalPair::class,
        'root-of-fraction' => RootOfFraction::class,
        'negative-root' => NegativeRoot::class,
        'root-common' => RootCommon::class,
        'root-square' => RootSquare::class,
        'answers' => Answers::class,
        'places' => Places::class,
        'fractions' => Fractions::class,
        'pair-order' => PairOrder::class,
        'cross-signs' => CrossSigns::class,
        'crossing-middle' => CrossingMiddle::class,
        'crossing-letters' => CrossingLetters::class,
        'turned-column' => TurnedColumn::class,
        'pairs-listed' => PairsListed::class,
        'minus-one' => MinusOne::class,
        'outer-terms-first' => OuterTermsFirst::class,
        'middle-terms' => MiddleTerms::class,
        'bracket-back' => BracketBack::class,
        'grid-long-edge' => GridLongEdge::class,
        'zero-cells' => ZeroCells::class,
        'grid-collect' => GridCollect::class,
        'places-order' => PlacesOrder::class,
        'times' => TimesSign::class,
        'verdict' => VerdictTold::class,
        'denominators' => Denominators::class,
    ];

    /** @param array<class-string<\BackedEnum>, \BackedEnum> $values by the enum of the key, in the table's order */
    private function __construct(private array $values) {}

    public static function default(): self
    {
        return self::from([]);
    }

    /**
     * @param array<array-key, mixed> $values by key; keys left out take their default, of then where its number says so
     *
     * @throws BadRequest for a key or a value that is not in the table
     */
    public static function of(array $values): self
    {
        $chosen = [];
        foreach (self::brought($values) as $key => $value) {
            $chosen[(string) $key] = \is_scalar($value) ? (string) $value : '';
        }

        return self::from($chosen);
    }

    /** As it was under earlier defaults: what had only one way then goes that way. */
    public function under(int $defaults): self
    {
        return self::from(self::earlier($defaults) + $this->all());
    }

    /**
     * Values that were kept under the defaults of some time, as they are said today.
     *
     * @param array<array-key, mixed> $values with the number of those defaults, or without it under today's
     *
     * @return array<array-key, mixed>
     */
    public static function brought(array $values): array
    {
        $number = $values[self::NUMBER] ?? null;
        $number = \is_scalar($number) ? (int) $number : self::DEFAULTS;
        unset($values[self::NUMBER]);
        foreach (self::RENAMED[$number] ?? [] as $key => $names) {
            $value = $values[$key] ?? null;
            $values = (\is_string($value) && isset($names[$value]) ? [$key => $names[$value]] : []) + $values;
        }

        return $values + self::earlier($number);
    }

    /** @return array<string, string> what is kept of it: what differs, and from which defaults */
    public function kept(): array
    {
        return $this->chosen() + [self::NUMBER => (string) self::DEFAULTS];
    }

    /** @return array<string, string> the keys that had another default then, each with it */
    public static function earlier(int $defaults): array
    {
        return self::EARLIER[$defaults] ?? [];
    }

    /** @throws BadRequest for a key or a value that is not in the table */
    public function with(string $key, string $value): self
    {
        return self::from([$key => $value] + $this->all());
    }

    /**
     * The value of one key.
     *
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum the key's
     *
     * @return T
     */
    public function get(string $enum): \BackedEnum
    {
        /** @var T a value is of its key's enum */
        $value = $this->values[$enum];

        return $value;
    }

    /** @return array<string, non-empty-list<string>> every key with its values, the default first */
    public static function table(): array
    {
        return array_map(static fn(string $enum): array => array_map(
            static fn(\BackedEnum $case): string => (string) $case->value,
            $enum::cases(),
        ), self::KEYS);
    }

    /** @return array<string, string> what differs from the default, in the table's order */
    public function chosen(): array
    {
        return array_diff_assoc($this->all(), self::default()->all());
    }

    /** @return array<string, string> every key with its value */
    public function all(): array
    {
        return array_map(fn(string $enum): string => (string) $this->values[$enum]->value, self::KEYS);
    }

    /** @param array<string, string> $chosen */
    private static function from(array $chosen): self
    {
        $unknown = array_key_first(array_diff_key($chosen, self::KEYS));
        if ($unknown !== null) {
            throw new BadRequest(Message::of('error.style-key', ['found' => mb_substr((string) $unknown, 0, 40)]));
        }

        $values = [];
        foreach (self::KEYS as $key => $enum) {
            $values[$enum] = isset($chosen[$key]) ? self::value($enum, $key, $chosen[$key]) : $enum::cases()[0];
        }

        return new self($values);
    }

    /**
     * @param class-string<\BackedEnum> $enum
     *
     * @throws BadRequest when there is no such value
     */
    private static function value(string $enum, string $key, string $chosen): \BackedEnum
    {
        return $enum::tryFrom($chosen) ?? throw new BadRequest(Message::of('error.style-value', [
            'key' => $key,
            'found' => mb_substr($chosen, 0, 40),
            'values' => implode(', ', array_column($enum::cases(), 'value')),
        ]));
    }
}
