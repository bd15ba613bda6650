<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;

/** Two pans in balance: blocks that weigh the unknown, and unit weights; what is taken from both is struck. */
final readonly class BalanceFigure implements Figure
{
    /**
     * @param Expression      $left     what lies on the left, as it is written
     * @param array{int, int} $leftPan  its blocks and units
     * @param array{int, int} $rightPan those of the right
     * @param array{int, int} $taken    what is taken from both
     * @param int             $groups   into how many equal parts both are shared; 1 where they are not
     */
    public function __construct(
        public string $letter,
        private Expression $left,
        private Expression $right,
        public array $leftPan,
        public array $rightPan,
        public array $taken = [0, 0],
        public int $groups = 1,
    ) {}

    /** With its pans exchanged. */
    public function turned(): self
    {
        return new self(
            $this->letter,
            $this->right,
            $this->left,
            $this->rightPan,
            $this->leftPan,
            $this->taken,
            $this->groups,
        );
    }

    public function type(): string
    {
        return 'balance';
    }

    public function data(): array
    {
        return [
            'left' => ['blocks' => $this->leftPan[0], 'units' => $this->leftPan[1]],
            'right' => ['blocks' => $this->rightPan[0], 'units' => $this->rightPan[1]],
            'taken' => ['blocks' => $this->taken[0], 'units' => $this->taken[1]],
            'groups' => $this->groups,
        ];
    }

    public function ground(): array
    {
        return [$this];
    }

    public function written(): array
    {
        return ['pans' => true];
    }

    public function claims(string $part): array
    {
        return [
            new Identity($this->left, $this->weight($this->leftPan)),
            new Identity($this->right, $this->weight($this->rightPan)),
            // What is taken from a pan leaves no fewer than none.
            $this->rest($this->leftPan),
            $this->rest($this->rightPan),
        ];
    }

    /** @param array{int, int} $pan */
    private function rest(array $pan): Identity
    {
        return new Identity(Sum::of([
            $this->weight([$pan[0] - $this->taken[0], $pan[1] - $this->taken[1]]),
            $this->weight($this->taken),
        ]), $this->weight($pan));
    }

    /** @param array{int, int} $pan */
    private function weight(array $pan): Expression
    {
        return Sum::of([
            Product::apart([Numeral::of($pan[0]), new Letter($this->letter)]),
            Numeral::of($pan[1]),
        ]);
    }
}
