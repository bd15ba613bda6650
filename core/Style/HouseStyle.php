<?php

declare(strict_types=1);

namespace Runel\Style;

use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Notation\TimesSign;

/** How one school writes its algebra: one value for each key of the table. */
final readonly class HouseStyle
{
    /** Every key with its values; of each the first is the default. */
    private const KEYS = [
        'words' => Words::class,
        'moving' => Moving::class,
        'unknown-side' => UnknownSide::class,
        'square-books' => SquareBooks::class,
        'leading' => Leading::class,
        'half-squared' => HalfSquared::class,
        'negative-root' => NegativeRoot::class,
        'answers' => Answers::class,
        'places' => Places::class,
        'fractions' => Fractions::class,
        'cross-signs' => CrossSigns::class,
        'minus-one' => MinusOne::class,
        'outer-terms-first' => OuterTermsFirst::class,
        'middle-terms' => MiddleTerms::class,
        'grid-long-edge' => GridLongEdge::class,
        'times' => TimesSign::class,
        'verdict' => VerdictTold::class,
        'denominators' => Denominators::class,
    ];

    private function __construct(
        public Words $words,
        public Moving $moving,
        public UnknownSide $unknownSide,
        public SquareBooks $squareBooks,
        public Leading $leading,
        public HalfSquared $halfSquared,
        public NegativeRoot $negativeRoot,
        public Answers $answers,
        public Places $places,
        public Fractions $fractions,
        public CrossSigns $crossSigns,
        public MinusOne $minusOne,
        public OuterTermsFirst $outerTermsFirst,
        public MiddleTerms $middleTerms,
        public GridLongEdge $gridLongEdge,
        public VerdictTold $verdict,
        public Denominators $denominators,
        public TimesSign $times,
    ) {}

    public static function default(): self
    {
        return self::from([]);
    }

    /**
     * @param array<array-key, mixed> $values by key; keys left out take their default
     *
     * @throws BadRequest for a key or a value that is not in the table
     */
    public static function of(array $values): self
    {
        $chosen = [];
        foreach ($values as $key => $value) {
            $chosen[(string) $key] = \is_scalar($value) ? (string) $value : '';
        }

        return self::from($chosen);
    }

    /** @throws BadRequest for a key or a value that is not in the table */
    public function with(string $key, string $value): self
    {
        return self::from([$key => $value] + $this->all());
    }

    public function get(string $key): string
    {
        return $this->all()[$key] ?? throw new \LogicException("No house-style key $key.");
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
        return [
            'words' => $this->words->value,
            'moving' => $this->moving->value,
            'unknown-side' => $this->unknownSide->value,
            'square-books' => $this->squareBooks->value,
            'leading' => $this->leading->value,
            'half-squared' => $this->halfSquared->value,
            'negative-root' => $this->negativeRoot->value,
            'answers' => $this->answers->value,
            'places' => $this->places->value,
            'fractions' => $this->fractions->value,
            'cross-signs' => $this->crossSigns->value,
            'minus-one' => $this->minusOne->value,
            'outer-terms-first' => $this->outerTermsFirst->value,
            'middle-terms' => $this->middleTerms->value,
            'grid-long-edge' => $this->gridLongEdge->value,
            'times' => $this->times->value,
            'verdict' => $this->verdict->value,
            'denominators' => $this->denominators->value,
        ];
    }

    /** @param array<string, string> $chosen */
    private static function from(array $chosen): self
    {
        $unknown = array_key_first(array_diff_key($chosen, self::KEYS));
        if ($unknown !== null) {
            throw new BadRequest(Message::of('error.style-key', ['found' => mb_substr((string) $unknown, 0, 40)]));
        }

        return new self(
            words: self::chosenOf(Words::class, 'words', $chosen),
            moving: self::chosenOf(Moving::class, 'moving', $chosen),
            unknownSide: self::chosenOf(UnknownSide::class, 'unknown-side', $chosen),
            squareBooks: self::chosenOf(SquareBooks::class, 'square-books', $chosen),
            leading: self::chosenOf(Leading::class, 'leading', $chosen),
            halfSquared: self::chosenOf(HalfSquared::class, 'half-squared', $chosen),
            negativeRoot: self::chosenOf(NegativeRoot::class, 'negative-root', $chosen),
            answers: self::chosenOf(Answers::class, 'answers', $chosen),
            places: self::chosenOf(Places::class, 'places', $chosen),
            fractions: self::chosenOf(Fractions::class, 'fractions', $chosen),
            crossSigns: self::chosenOf(CrossSigns::class, 'cross-signs', $chosen),
            minusOne: self::chosenOf(MinusOne::class, 'minus-one', $chosen),
            outerTermsFirst: self::chosenOf(OuterTermsFirst::class, 'outer-terms-first', $chosen),
            middleTerms: self::chosenOf(MiddleTerms::class, 'middle-terms', $chosen),
            gridLongEdge: self::chosenOf(GridLongEdge::class, 'grid-long-edge', $chosen),
            times: self::chosenOf(TimesSign::class, 'times', $chosen),
            verdict: self::chosenOf(VerdictTold::class, 'verdict', $chosen),
            denominators: self::chosenOf(Denominators::class, 'denominators', $chosen),
        );
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T>       $enum
     * @param array<string, string> $chosen
     *
     * @return T
     */
    private static function chosenOf(string $enum, string $key, array $chosen): \BackedEnum
    {
        if (!isset($chosen[$key])) {
            return $enum::cases()[0];
        }

        return $enum::tryFrom($chosen[$key]) ?? throw new BadRequest(Message::of('error.style-value', [
            'key' => $key, 'found' => mb_substr($chosen[$key], 0, 40), 'values' => implode(
                ', ',
                array_column($enum::cases(), 'value'),
            ),
        ]));
    }
}
