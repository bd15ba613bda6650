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

    /** Every key with its default, the first of its values. */
    private const KEYS = [
        'words' => Words::US,
        'moving' => Moving::BothSides,
        'unknown-side' => UnknownSide::Left,
        'collect-first' => CollectFirst::Letters,
        'sides-turned' => SidesTurned::AtOnce,
        'gathered' => Gathered::Left,
        'square-order' => SquareOrder::MoveFirst,
        'square-books' => SquareBooks::BothSides,
        'leading' => Leading::Divide,
        'half-squared' => HalfSquared::Evaluate,
        'square-shown' => SquareShown::AtOnce,
        'why-this-way' => WhyThisWay::Off,
        'after-root' => AfterRoot::PlusMinus,
        'rational-pair' => RationalPair::Each,
        'root-of-fraction' => RootOfFraction::Rationalised,
        'negative-root' => NegativeRoot::None,
        'root-common' => RootCommon::Before,
        'root-square' => RootSquare::Grid,
        'answers' => Answers::Exact,
        'places' => Places::Two,
        'calculator' => Calculator::Plain,
        'fractions' => Fractions::Combined,
        'pair-order' => PairOrder::BySum,
        'cross-signs' => CrossSigns::First,
        'trial-signs' => TrialSigns::First,
        'crossing-middle' => CrossingMiddle::Below,
        'crossing-letters' => CrossingLetters::Off,
        'crossing-grid' => CrossingGrid::After,
        'turned-column' => TurnedColumn::Last,
        'pairs-listed' => PairsListed::Off,
        'minus-one' => MinusOne::Outside,
        'outer-terms-first' => OuterTermsFirst::Off,
        'middle-terms' => MiddleTerms::Written,
        'bracket-back' => BracketBack::Behind,
        'arrows' => Arrows::Off,
        'grid-long-edge' => GridLongEdge::Top,
        'zero-cells' => ZeroCells::Bare,
        'grid-collect' => GridCollect::CornersFirst,
        'places-order' => PlacesOrder::EndsFirst,
        'times' => TimesSign::Dot,
        'verdict' => VerdictTold::Held,
        'denominators' => Denominators::Cleared,
        'substitution' => SomethingNamed::Named,
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
        $usual = self::usual($key);

        return new self([$usual::class => self::value($usual::class, $key, $value)] + $this->values);
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

    public static function has(string $key): bool
    {
        return isset(self::KEYS[$key]);
    }

    /** @return array<string, non-empty-list<string>> every key with its values, the default first */
    public static function table(): array
    {
        return array_map(static fn(\BackedEnum $usual): array => array_map(
            static fn(\BackedEnum $case): string => (string) $case->value,
            $usual::cases(),
        ), self::KEYS);
    }

    /** @return array<string, string> what differs from the default, in the table's order */
    public function chosen(): array
    {
        $chosen = [];
        foreach (self::KEYS as $key => $usual) {
            if ($this->values[$usual::class] !== $usual) {
                $chosen[$key] = (string) $this->values[$usual::class]->value;
            }
        }

        return $chosen;
    }

    /** @return array<string, string> every key with its value */
    public function all(): array
    {
        return array_map(
            fn(\BackedEnum $usual): string => (string) $this->values[$usual::class]->value,
            self::KEYS,
        );
    }

    /** @param array<string, string> $chosen */
    private static function from(array $chosen): self
    {
        $values = [];
        foreach (self::KEYS as $usual) {
            $values[$usual::class] = $usual;
        }
        foreach ($chosen as $key => $value) {
            $usual = self::usual((string) $key);
            $values[$usual::class] = self::value($usual::class, $key, $value);
        }

        return new self($values);
    }

    /** @throws BadRequest when there is no such key */
    private static function usual(string $key): \BackedEnum
    {
        return self::KEYS[$key] ?? throw new BadRequest(Message::of('error.style-key', [
            'found' => mb_substr($key, 0, 40),
        ]));
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
