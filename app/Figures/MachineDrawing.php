<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\MachineFigure;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Law\Move\Operation;
use Runel\Message\Message;

/** The unknown going through what was done to it, and below the number coming back, each operation undone. */
final readonly class MachineDrawing implements Drawing
{
    private const SIGNS = ['add' => '+', 'subtract' => '−', 'multiply' => '×', 'divide' => '÷'];
    private const SIZE = 24;
    private const HEIGHT = 46.0;

    public function __construct(private MachineFigure $machine) {}

    public function label(): Message
    {
        return Message::of('figure.machine', [
            'count' => \count($this->machine->doing),
            'undone' => $this->machine->count,
        ]);
    }

    public function draw(Pen $pen): array
    {
        $machine = $this->machine;
        $values = [new Letter($machine->letter), ...$machine->forward];
        $back = array_reverse($machine->back);
        $count = \count($machine->doing);
        $width = 74.0;
        foreach ([...$values, ...$machine->back] as $value) {
            $width = max($width, $pen->measure($value, self::SIZE)->width + 28);
        }
        $door = 92.0;
        foreach ($machine->doing as [, $operand]) {
            $door = max($door, $pen->measure($operand, 20)->width + 62);
        }
        [$top, $bottom] = [10.0, 10 + self::HEIGHT + 52];
        foreach ($values as $place => $value) {
            $x = 8 + $place * ($width + $door);
            $this->value($pen, $value, $x, $top, $width, false);
            $shown = $count - $place <= $machine->count;
            if ($shown) {
                $lit = $count - $place === $machine->count && $machine->count > 0;
                $this->value($pen, $back[$place], $x, $bottom, $width, $lit);
            }
            if ($place < $count) {
                [$operation, $operand] = $machine->doing[$place];
                $this->door($pen, $operation, $operand, $x + $width, $top, $door, true);
                if ($count - $place <= $machine->count) {
                    $this->door($pen, self::opposite($operation), $operand, $x + $width, $bottom, $door, false);
                }
            }
        }
        $last = 8 + $count * ($width + $door) + $width / 2;
        $pen->line($last, $top + self::HEIGHT + 6, $last, $bottom - 6, Ink::RULE, 1.6, '4 4');
        $pen->words('=', $last + 14, ($top + self::HEIGHT + $bottom) / 2 + 7, 20, Ink::TEXT);

        return [16 + $count * ($width + $door) + $width, $bottom + self::HEIGHT + 8];
    }

    private function value(Pen $pen, Expression $value, float $x, float $y, float $width, bool $lit): void
    {
        $pen->box(
            $x,
            $y,
            $width,
            self::HEIGHT,
            $lit ? Ink::LIGHT : Ink::PAPER,
            $lit ? Ink::LIGHT_EDGE : Ink::TEXT,
            1.8,
            '',
            6,
        );
        $pen->centred($value, $x + $width / 2, $y + self::HEIGHT / 2, self::SIZE);
    }

    private function door(
        Pen $pen,
        Operation $operation,
        Expression $operand,
        float $x,
        float $y,
        float $width,
        bool $onward,
    ): void {
        $middle = $y + self::HEIGHT / 2 + 8;
        [$from, $to] = $onward ? [$x + 6, $x + $width - 6] : [$x + $width - 6, $x + 6];
        $back = $onward ? -8 : 8;
        $pen->line($from, $middle, $to, $middle, Ink::TEXT, 1.8);
        $pen->line($to + $back, $middle - 5, $to, $middle, Ink::TEXT, 1.8);
        $pen->line($to + $back, $middle + 5, $to, $middle, Ink::TEXT, 1.8);
        $size = $pen->measure($operand, 20)->width;
        $start = $x + ($width - $size - 20) / 2;
        $pen->words(self::SIGNS[$operation->value], $start + 6, $middle - 9, 20, Ink::TEXT);
        $pen->starting($operand, $start + 20, $middle - 9, 20);
    }

    private static function opposite(Operation $operation): Operation
    {
        return match ($operation) {
            Operation::Add => Operation::Subtract,
            Operation::Subtract => Operation::Add,
            Operation::Multiply => Operation::Divide,
            Operation::Divide => Operation::Multiply,
        };
    }
}
