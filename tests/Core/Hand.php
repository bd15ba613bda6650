<?php

declare(strict_types=1);

namespace Tests\Core;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Link;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Notation\Ascii;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;

/** Somebody who writes a right solution down in a way of their own: lines skipped, sides swapped, branches, words. */
final readonly class Hand
{
    private const BEFORE = ['⇒ ', '=> ', 'so ', '∴ ', 'then ', 'hence ', '→ ', 'Answer: ', 'therefore ',
        'so we get ', 'which gives ', 'now we have ', 'I got ', 'next: ', 'rearranging: ', 'it’s '];
    /** Before an expression. */
    private const TOLD = ['we get ', 'so this is ', 'that’s ', 'now ', 'which gives ', 'hence, ', 'simplifies to '];
    private const BEHIND = [
        ' ✓', '  (÷ 2)', '  (+3)', ' (subtract 5)', ' (expand)', '   | - 3', '  (both sides)', ' (collect)',
        ' :)', ' which is my answer', '!',
    ];
    private const REMARKS = [
        '(check)', 'let me check', '+4   +4', '÷3', '- 7', 'collecting like terms', '?', '× 2 both sides',
    ];

    public function __construct(private Chance $chance) {}

    /** @return list<string> */
    public function page(Demonstration $demonstration): array
    {
        $isEquation = $demonstration->task->problem->node instanceof Equation;
        $lines = $this->kept($demonstration);
        $page = [];
        foreach ($lines as $place => $line) {
            $isLast = $place === \count($lines) - 1;
            if ($isEquation && $this->now(12)) {
                $page[] = $this->chance->one(self::REMARKS);
            }
            array_push(
                $page,
                ...($line instanceof Expression ? [$this->expression($line)] : $this->statement($line, $isLast)),
            );
        }

        return array_map($this->hand(...), $page);
    }

    /** @return list<Node> */
    private function kept(Demonstration $demonstration): array
    {
        $lines = [];
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                if ($line->link !== Link::Given && $line->link !== Link::Side && $line->branch === null) {
                    $lines[] = Rewriter::unmarked($line->node);
                }
            }
        }
        $last = array_pop($lines);

        return [
            ...array_values(array_filter($lines, fn(): bool => !$this->now(3))),
            ...($last === null ? [] : [$last]),
        ];
    }

    private function expression(Expression $line): string
    {
        return ($this->now(3) ? '= ' : '') . Ascii::write($line);
    }

    /** @return list<string> */
    private function statement(Node $line, bool $isLast): array
    {
        if ($line instanceof Alternatives) {
            return $this->alternatives($line);
        }
        if (!$line instanceof Equation) {
            return [Ascii::write($line)];
        }
        $isValue = Letters::of($line->right) === [];
        if ($isLast && $isValue) {
            return [Ascii::write($line->left) . ' = ' . $this->number($line->right)];
        }
        [$left, $right] = $this->now(5) ? [$line->right, $line->left] : [$line->left, $line->right];
        [$left, $right] = [Ascii::write($left), Ascii::write($right)];

        return [match ($isLast ? 0 : $this->chance->dice->getInt(1, 15)) {
            1 => "3*($left) = 3*($right)",
            2 => "$left - ($right) = 0",
            default => "$left = $right",
        }];
    }

    /** @return list<string> */
    private function alternatives(Alternatives $line): array
    {
        $equations = $line->equations;
        if ($this->now(3)) {
            $equations = array_reverse($equations);
        }
        $letter = $equations[0]->left;
        $isValues = $letter instanceof Letter && array_filter(
            $equations,
            static fn(Equation $one): bool => !$one->left->equals($letter) || Letters::of($one->right) !== [],
        ) === [];
        $written = array_map(fn(Equation $one): string => Ascii::write($one->left) . ' = '
            . ($isValues ? $this->number($one->right) : Ascii::write($one->right)), $equations);
        if ($isValues && $this->now(4)) {
            $values = array_map(fn(Equation $one): string => $this->number($one->right), $equations);

            return [$letter->name . ' = ' . implode($this->chance->one([', ', ' or ', '; ']), $values)];
        }
        if ($this->now(3)) {
            return $written;
        }
        if ($isValues && $this->now(4)) {
            return [implode(', ', array_map(
                static fn(string $one, int $place): string => preg_replace('/^\w/', '$0_' . ($place + 1), $one) ?? $one,
                $written,
                array_keys($written),
            ))];
        }

        return [implode($this->chance->one([' or ', ', ', '; ', '      ', ' | ', '  or  ', ' and ']), $written)];
    }

    /** A number as it is, as a decimal, a mixed number, or rounded. */
    private function number(Expression $number): string
    {
        $plain = Ascii::write($number);
        try {
            $value = Evaluation::at(new Surds(), [])->of($number);
        } catch (NoExactValue | DivisionByZero) {
            return $plain;
        }
        if (!$value->isReal() || $value->toRational()?->isInteger() === true || $this->now(2)) {
            return $plain;
        }
        $rounded = $value->toDecimal($this->chance->one([2, 3, 4]));

        return $this->now(3) ? "$plain = $rounded" : $rounded;
    }

    /** What is around the mathematics, and the signs it is written with. */
    private function hand(string $line): string
    {
        $line = match (true) {
            str_starts_with($line, '=') => $line,
            $this->now(6) && !str_contains($line, '=') => $this->chance->one(self::TOLD) . $line,
            $this->now(8) && str_contains($line, '=') => $this->chance->one(self::BEFORE) . $line,
            $this->now(10) && str_contains($line, '=') => $line . $this->chance->one(self::BEHIND),
            default => $line,
        };
        $line = $this->now(3) ? strtr($line, ['^2' => '²', '^3' => '³', '-' => '−', '*' => '·']) : $line;
        $line = $this->now(4) ? strtr($line, ['sqrt' => '√']) : $line;

        return $this->now(5) ? preg_replace('/(?<=\S) (?=[-+=])|(?<=[-+=]) (?=\S)/', '', $line) ?? $line : $line;
    }

    /** Once in so many times. */
    private function now(int $often): bool
    {
        return $this->chance->dice->getInt(1, $often) === 1;
    }
}
