<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\Solves;

/** All numbers that can be rational roots of a polynomial: tried, passed over, found. */
final readonly class RootHuntFigure implements Figure, Lights
{
    /**
     * @param string                    $letter the polynomial's
     * @param non-empty-list<RootTrial> $trials in the order in which they are tried
     * @param list<int>                 $now    the places of those judged last
     */
    public function __construct(
        public Expression $polynomial,
        private string $letter,
        public array $trials,
        public array $now = [],
    ) {}

    /** @param non-empty-array<int, RootTrial> $judged by place */
    public function with(array $judged): self
    {
        $trials = array_replace($this->trials, $judged);

        return new self(
            $this->polynomial,
            $this->letter,
            array_values($trials) ?: $this->trials,
            array_keys($judged),
        );
    }

    public function type(): string
    {
        return 'root-hunt';
    }

    public function data(): array
    {
        return [
            'polynomial' => $this->polynomial,
            'candidates' => array_map(static fn(RootTrial $trial): array => [
                'value' => $trial->value,
                'verdict' => $trial->verdict->value,
                'remainder' => $trial->remainder,
            ], $this->trials),
        ];
    }

    public function ground(): array
    {
        return [$this->polynomial, array_map(static fn(RootTrial $trial): Expression => $trial->value, $this->trials)];
    }

    public function written(): array
    {
        $written = ['given' => true];
        foreach ($this->trials as $place => $trial) {
            if ($trial->verdict !== RootVerdict::Open) {
                $written["trial $place"] = true;
            }
        }

        return $written;
    }

    public function lightable(): array
    {
        $written = $this->written();
        unset($written['given']);

        return $written;
    }

    public function lit(): array
    {
        $lit = [];
        foreach ($this->now as $place) {
            $lit["trial $place"] = true;
        }

        return $lit;
    }

    public function claims(string $part): array
    {
        if ($part === 'given') {
            return [
                new Identity($this->polynomial, $this->polynomial),
                ...array_map(
                    static fn(RootTrial $trial): Identity => new Identity($trial->value, $trial->value),
                    $this->trials,
                ),
            ];
        }
        $trial = $this->trials[Piece::named($part)->place];
        $zero = new Equation($this->polynomial, Numeral::of(0));
        $claims = [$trial->verdict === RootVerdict::Fits
            ? new Solves($zero, $this->letter, $trial->value)
            : new DoesNotSolve($zero, $this->letter, $trial->value)];
        if ($trial->remainder !== null) {
            $claims[] = new Identity(
                Substitution::into($this->polynomial, $this->letter, $trial->value),
                $trial->remainder,
            );
        }

        return $claims;
    }
}
