<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Law\Claim\Claim;
use Runel\Law\Claim\Identity;

/** A finished long division being struck down, and the tableau that comes of it, subtracting first, then adding. */
final readonly class BridgeFigure implements Figure, Lights
{
    /**
     * @param LongDivisionFigure $division    finished, its products subtracted
     * @param TableauFigure      $subtracting finished, the divisor's own number in the corner
     * @param TableauFigure      $adding      finished, that number's sign turned
     */
    public function __construct(
        public LongDivisionFigure $division,
        public TableauFigure $subtracting,
        public TableauFigure $adding,
        public BridgeStage $stage = BridgeStage::Whole,
    ) {}

    public function at(BridgeStage $stage): self
    {
        return new self($this->division, $this->subtracting, $this->adding, $stage);
    }

    public function type(): string
    {
        return 'bridge';
    }

    public function data(): array
    {
        return [
            'stage' => $this->stage->value,
            'division' => $this->division->data(),
            'subtracting' => $this->stage->hasReached(BridgeStage::Pressed) ? $this->subtracting->data() : null,
            'adding' => $this->stage->hasReached(BridgeStage::Turned) ? $this->adding->data() : null,
        ];
    }

    public function ground(): array
    {
        return [...$this->division->ground(), ...$this->subtracting->ground(), ...$this->adding->ground()];
    }

    public function written(): array
    {
        $written = [];
        foreach (BridgeStage::cases() as $stage) {
            // A division of one round has nothing to bring down, and so nothing of it to strike.
            $isIdle = $stage === BridgeStage::Down && \count($this->division->rounds) === 1;
            if ($this->stage->hasReached($stage) && !$isIdle) {
                $written[$stage->value] = true;
            }
        }

        return $written;
    }

    public function lightable(): array
    {
        return array_fill_keys(array_column(BridgeStage::cases(), 'value'), true);
    }

    public function lit(): array
    {
        return [$this->stage->value => true];
    }

    public function claims(string $part): array
    {
        return match (BridgeStage::from($part)) {
            BridgeStage::Whole => self::all($this->division),
            BridgeStage::Leading => $this->repeated(static fn(LongDivisionRound $round): array => $round->product === []
                ? []
                : [new Identity(self::first($round->before), self::first($round->product))]),
            BridgeStage::Down => $this->repeated(fn(LongDivisionRound $round): array => $round->down === null
                ? []
                : [new Identity($this->division->dividend[$round->power - 1], $round->down)]),
            BridgeStage::Quotient => $this->repeated(fn(LongDivisionRound $round): array => [
                new Identity(
                    Product::of([self::first($this->division->divisor), $round->times]),
                    self::first($round->before),
                ),
            ]),
            BridgeStage::Letters => $this->subtracting->claims('given'),
            BridgeStage::Pressed => [...self::all($this->subtracting), ...$this->carriedOver()],
            BridgeStage::Turned => [...self::all($this->adding), ...$this->turned()],
        };
    }

    /** @return list<Claim> */
    private static function all(Figure $figure): array
    {
        return array_merge(...array_map($figure->claims(...), array_keys($figure->written())));
    }

    /**
     * What a stage strikes is said elsewhere in the division.
     *
     * @param \Closure(LongDivisionRound): list<Claim> $claims
     *
     * @return list<Claim>
     */
    private function repeated(\Closure $claims): array
    {
        return array_merge(...array_map($claims, $this->division->rounds));
    }

    /** @return list<Identity> the tableau's numbers are the division's own, their powers left out */
    private function carriedOver(): array
    {
        $claims = [];
        foreach ($this->division->rounds as $place => $round) {
            $power = $this->subtracting->powers[$place + 1];
            if ($round->product !== []) {
                $claims[] = new Identity(
                    Product::of([$this->subtracting->products[$place], $power]),
                    $round->product[$round->power],
                );
                $claims[] = new Identity(
                    Product::of([$this->subtracting->sums[$place + 1], $power]),
                    $round->difference[$round->power],
                );
            }
        }

        return $claims;
    }

    /** @return list<Identity> with the corner, every product has turned its sign */
    private function turned(): array
    {
        return array_map(
            static fn(Expression $own, Expression $turned): Identity => new Identity(new Negative($own), $turned),
            [$this->subtracting->corner, ...$this->subtracting->products],
            [$this->adding->corner, ...$this->adding->products],
        );
    }

    /** @param array<int, Expression> $terms highest power first */
    private static function first(array $terms): Expression
    {
        return array_values($terms)[0] ?? throw new \LogicException('A row of a division is empty.');
    }
}
