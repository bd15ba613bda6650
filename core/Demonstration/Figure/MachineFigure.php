<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\Operation;

/** What was done to the unknown, in order, and below how it is undone, in reverse. */
final readonly class MachineFigure implements Figure, Lights
{
    /**
     * @param non-empty-list<array{Operation, Expression}> $doing   what was done, from the unknown on
     * @param non-empty-list<Expression>                   $forward what came out after each, the last is one side
     * @param non-empty-list<Expression>                   $back    the numbers on the way back, the other side first
     * @param int                                          $count   how many are undone
     */
    public function __construct(
        public string $letter,
        public array $doing,
        public array $forward,
        public array $back,
        public int $count = 0,
    ) {}

    public function next(): self
    {
        return new self($this->letter, $this->doing, $this->forward, $this->back, $this->count + 1);
    }

    public function type(): string
    {
        return 'machine';
    }

    public function data(): array
    {
        return [
            'doing' => array_map(static fn(array $step): array => [
                'operation' => $step[0]->value,
                'operand' => $step[1],
            ], $this->doing),
            'forward' => $this->forward,
            'back' => \array_slice($this->back, 0, $this->count + 1),
        ];
    }

    public function ground(): array
    {
        return [$this->letter, $this->doing, $this->forward, $this->back];
    }

    public function written(): array
    {
        $written = ['forward' => true];
        for ($place = 1; $place <= $this->count; ++$place) {
            $written["undone $place"] = true;
        }

        return $written;
    }

    public function lightable(): array
    {
        $written = $this->written();
        unset($written['forward']);

        return $written;
    }

    public function lit(): array
    {
        return $this->count === 0 ? [] : ["undone $this->count" => true];
    }

    public function claims(string $part): array
    {
        if ($part === 'forward') {
            $claims = [new Identity($this->back[0], $this->back[0])];
            $value = new Letter($this->letter);
            foreach ($this->doing as $place => [$operation, $operand]) {
                $claims[] = new Identity(self::done($operation, $value, $operand), $this->forward[$place]);
                $value = $this->forward[$place];
            }

            return $claims;
        }
        $place = Piece::named($part)->place;
        [$operation, $operand] = $this->doing[\count($this->doing) - $place];

        return [new Identity(self::done($operation, $this->back[$place], $operand), $this->back[$place - 1])];
    }

    private static function done(Operation $operation, Expression $value, Expression $operand): Expression
    {
        return match ($operation) {
            Operation::Add => Sum::of([$value, $operand]),
            Operation::Subtract => Sum::of([$value, new Negative($operand)]),
            Operation::Multiply => Product::apart([$operand, $value]),
            Operation::Divide => new Quotient($value, $operand),
        };
    }
}
