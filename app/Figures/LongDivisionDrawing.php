<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\BridgeStage;
use Runel\Demonstration\Figure\LongDivisionFigure;
use Runel\Demonstration\Figure\Piece;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/**
 * Long division in columns, one a power: divisor at the left, quotient above, what is taken away and left below. On
 * the way to synthetic division what repeats is struck out.
 */
final class LongDivisionDrawing implements Drawing
{
    private const SIZE = 24;
    private const HEIGHT = 38;
    /** Room for a sign before each term, and for the minus before parentheses. */
    private const SIGN = 26;
    private const MINUS = 24;
    private const GONE = '#c3c6cf';

    private float $column = 0;
    private float $left = 0;
    private int $top = 0;

    /** @var array<string, array{float, float}> */
    private array $places = [];

    /** @param BridgeStage|null $stage how much of it is struck out; null where nothing is going to be */
    public function __construct(
        private readonly LongDivisionFigure $division,
        private readonly ?BridgeStage $stage = null,
    ) {}

    /**
     * Once drawn: where the middle of each number is that synthetic division keeps, by its name there.
     *
     * @return array<string, array{float, float}>
     */
    public function places(): array
    {
        return $this->places;
    }

    public function label(): Message
    {
        return Message::of('figure.long-division', [
            'divisor' => self::sum($this->division->divisor),
            'count' => $this->roundsWritten(),
        ]);
    }

    public function draw(Pen $pen): array
    {
        $division = $this->division;
        $this->top = (int) array_key_first($division->dividend);
        $this->measure($pen);
        $divisor = $pen->measure(self::sum($division->divisor), self::SIZE)->width;
        $this->left = $divisor + 44;
        $right = $this->left + ($this->top + 1) * $this->column;
        $last = Piece::named($this->stage !== null ? 'struck' : $division->last() ?? 'set-up');
        [$piece, $current] = [$last->kind, $last->place];
        $y = 4.0;
        foreach ($division->rounds as $place => $round) {
            if ($division->has('times', $place)) {
                $lit = $place === $current && $piece === 'times';
                $used = $place === $current && $piece === 'product';
                $fate = $this->fate(BridgeStage::Quotient);
                $this->term($pen, $round->times, $round->power, $y, $lit, $used, $place === 0, $fate);
            }
        }
        $y += self::HEIGHT;
        $pen->line($this->left - 4, $y + 2, $right, $y + 2, Ink::TEXT, 2);
        $pen->line($this->left - 4, $y + 2, $this->left - 4, $y + self::HEIGHT + 2, Ink::TEXT, 2);
        if (\in_array($piece, ['times', 'product'], true) && $division->count > 0) {
            $this->outline($pen, 8, $y + 6, $piece === 'times' ? $this->leadingWidth($pen) : $divisor + 12);
        }
        $this->divisor($pen, $y + 8 + self::HEIGHT * 0.64);
        $y += 6;
        $this->row($pen, $division->dividend, $y, false, $piece === 'times' && $current === 0 ? $this->top : null);
        foreach (array_keys($division->dividend) as $power) {
            $this->keep('top ' . ($this->top - $power), $power, $y);
        }
        $this->keep('sum 0', $this->top, $y);
        $this->rounds($pen, $y, $piece, $current);

        return [$right + 10, $y + self::HEIGHT * (1 + 2 * $this->rowsWritten()) + 10];
    }

    /** How many rounds have a row of their own below the dividend. */
    private function rowsWritten(): int
    {
        return \count(array_filter(
            array_keys($this->division->rounds),
            fn(int $place): bool => $this->division->has('product', $place),
        ));
    }

    private function roundsWritten(): int
    {
        return \count(array_filter(
            array_keys($this->division->rounds),
            fn(int $place): bool => $this->division->has('times', $place),
        ));
    }

    private function rounds(Pen $pen, float $y, string $piece, int $current): void
    {
        $division = $this->division;
        $dividendAt = $y;
        $standing = $y;
        foreach ($division->rounds as $place => $round) {
            $now = $place === $current ? $piece : '';
            $highest = (int) array_key_first($round->before);
            if ($now === 'times' && $place > 0 && $round->product !== []) {
                $this->outlineTerm($pen, $highest, $standing);
            }
            if ($division->has('product', $place)) {
                $turned = $division->has('turned', $place);
                $this->row(
                    $pen,
                    $turned ? $round->turned : $round->product,
                    $standing + self::HEIGHT,
                    $now === 'product' || $now === 'turned',
                    null,
                    $turned,
                    $highest,
                );
                $this->keep('product ' . ($place + 1), $round->power, $standing + self::HEIGHT);
                if (!$division->turns) {
                    $this->takenAway($pen, $highest, $round->power, $standing + self::HEIGHT);
                }
            }
            if ($division->has('difference', $place)) {
                if ($this->stage === null) {
                    $this->strike($pen, $round->before[$highest], $highest, $standing);
                    $this->strike($pen, $round->product[$highest], $highest, $standing + self::HEIGHT);
                }
                $from = $this->left + ($this->top - $highest) * $this->column;
                $to = $this->left + ($this->top + 1 - (int) array_key_last($round->before)) * $this->column;
                $rule = $standing + 2 * self::HEIGHT;
                $pen->line($from, $rule, $to, $rule, Ink::TEXT, 1.5);
                $standing = $rule;
                $this->row($pen, $round->difference, $standing, $now === 'difference');
                $this->keep('sum ' . ($place + 1), $round->power, $standing);
            }
            if ($division->has('down', $place) && $round->down !== null) {
                $first = $round->product !== [] && $round->difference === [];
                if ($standing > $dividendAt) {
                    if ($now === 'down') {
                        $this->arrow($pen, $round->power - 1, $dividendAt + self::HEIGHT - 4, $standing + 6);
                    }
                    $fate = $this->fate(BridgeStage::Down);
                    $lit = $now === 'down';
                    $this->term($pen, $round->down, $round->power - 1, $standing, $lit, false, $first, $fate);
                }
            }
        }
    }

    /**
     * @param array<int, Expression> $terms    by power
     * @param int|null               $repeated the power of the term that repeats the one above
     */
    private function row(
        Pen $pen,
        array $terms,
        float $y,
        bool $lit,
        ?int $used = null,
        bool $turned = false,
        ?int $repeated = null,
    ): void {
        $first = true;
        foreach ($terms as $power => $term) {
            $fate = $power === $repeated ? $this->fate(BridgeStage::Leading) : 'kept';
            $this->term($pen, $term, $power, $y, $lit, $used === $power, $first && !$turned, $fate);
            if ($turned) {
                $sign = $this->signAt($pen, $term, $power);
                $pen->disc($sign, $y + self::HEIGHT / 2, 10, 'none', Ink::LIGHT_EDGE, 1.2);
            }
            $first = false;
        }
    }

    private function term(
        Pen $pen,
        Expression $term,
        int $power,
        float $y,
        bool $lit,
        bool $used,
        bool $first,
        string $fate = 'kept',
    ): void {
        $right = $this->left + ($this->top + 1 - $power) * $this->column - 6;
        $colour = $fate === 'gone' ? self::GONE : Ink::colour($power);
        if ($fate === 'kept' && $this->fate(BridgeStage::Letters) !== 'kept') {
            $this->withoutLetters($pen, $term, $right, $y);

            return;
        }
        if ($lit) {
            $pen->box(
                $right - $this->column + 8,
                $y + 3,
                $this->column - 4,
                self::HEIGHT - 6,
                Ink::LIGHT,
                Ink::LIGHT_EDGE,
                1.4,
                '',
                5,
            );
        }
        if ($used) {
            $this->outline($pen, $right - $this->column + 8, $y + 3, $this->column - 4);
        }
        $negative = $term instanceof Negative;
        if ($negative || !$first) {
            $sign = $this->signAt($pen, $term, $power);
            $pen->words($negative ? '−' : '+', $sign, $y + self::HEIGHT * 0.66, self::SIZE, $colour);
        }
        $pen->ending(self::size($term), $right, $y + self::HEIGHT * 0.66, self::SIZE, $colour);
        if ($fate === 'now') {
            $width = $pen->measure(self::size($term), self::SIZE)->width;
            $this->struck($pen, $right - $width - ($negative || !$first ? 24 : 4), $right + 4, $y);
        }
    }

    /** A term as its number alone; what is left of its letters stays behind, struck. */
    private function withoutLetters(Pen $pen, Expression $term, float $right, float $y): void
    {
        [$coefficient, $letters] = self::split($term);
        $baseline = $y + self::HEIGHT * 0.66;
        if ($letters !== null) {
            $width = $pen->measure($letters, self::SIZE)->width;
            $pen->ending($letters, $right, $baseline, self::SIZE, self::GONE);
            if ($this->stage === BridgeStage::Letters) {
                $this->struck($pen, $right - $width - 1, $right + 3, $y);
            }
            $right -= $width + 2;
        }
        $pen->ending($coefficient, $right, $baseline, self::SIZE);
    }

    /** @return array{Expression, Expression|null} a term's number and its letters */
    private static function split(Expression $term): array
    {
        $polynomial = Polynomial::fromExpression($term);
        $whole = self::size($term);
        $factors = $whole->factors();
        $letters = array_values(array_filter(
            $factors,
            static fn(Expression $factor): bool => !$factor instanceof Numeral && !$factor instanceof Quotient,
        ));
        $number = $polynomial->isZero() ? Rational::zero() : $polynomial->terms[0]->coefficient;

        return [Numeral::of($number), $letters === [] ? null : Product::of($letters)];
    }

    /** The divisor; of x − r only the number is left once letters are struck. */
    private function divisor(Pen $pen, float $baseline): void
    {
        $whole = self::sum($this->division->divisor);
        if ($this->fate(BridgeStage::Letters) === 'kept') {
            $pen->starting($whole, 14, $baseline, self::SIZE);
        } else {
            $terms = array_values($this->division->divisor);
            $width = $pen->measure($whole, self::SIZE)->width;
            $letter = $pen->measure($terms[0], self::SIZE)->width;
            $pen->starting($terms[0], 14, $baseline, self::SIZE, self::GONE);
            if ($this->stage === BridgeStage::Letters) {
                $this->struck($pen, 11, 17 + $letter, $baseline - self::HEIGHT * 0.66);
            }
            $number = $terms[\count($terms) - 1];
            $size = $pen->measure(self::size($number), self::SIZE)->width;
            $pen->ending(self::size($number), 14 + $width, $baseline, self::SIZE);
            if ($number instanceof Negative) {
                $pen->words('−', 14 + $width - $size - 12, $baseline, self::SIZE, Ink::TEXT);
            }
            $this->places['corner'] = [14 + $width - $size / 2, $baseline - 8];
        }
    }

    /** The minus and the parentheses of a product that is taken away as it stands. */
    private function takenAway(Pen $pen, int $highest, int $lowest, float $y): void
    {
        $baseline = $y + self::HEIGHT * 0.66;
        $left = $this->left + ($this->top - $highest) * $this->column;
        $colour = $this->stage?->hasReached(BridgeStage::Pressed) === true ? self::GONE : Ink::TEXT;
        $pen->words('−', $left + 4, $baseline, self::SIZE, $colour);
        $pen->words('(', $left + 17, $baseline, self::SIZE, $colour);
        $right = $this->left + ($this->top + 1 - $lowest) * $this->column;
        $pen->words(')', $right - 1, $baseline, self::SIZE, $colour);
    }

    /** Whether what a stage strikes is kept still, struck now, or gone. */
    private function fate(BridgeStage $strikes): string
    {
        return match (true) {
            $this->stage?->hasReached($strikes) !== true => 'kept',
            $this->stage === $strikes => 'now',
            default => 'gone',
        };
    }

    private function struck(Pen $pen, float $from, float $to, float $y): void
    {
        $pen->line($from, $y + self::HEIGHT - 8, $to, $y + 9, Ink::LIGHT_EDGE, 2.2);
    }

    private function keep(string $name, int $power, float $y): void
    {
        $right = $this->left + ($this->top + 1 - $power) * $this->column - 6;
        $this->places[$name] = [$right - 20, $y + self::HEIGHT / 2];
    }

    /** Where the middle of the sign before a term is. */
    private function signAt(Pen $pen, Expression $term, int $power): float
    {
        $width = $pen->measure(self::size($term), self::SIZE)->width;

        return $this->left + ($this->top + 1 - $power) * $this->column - 6 - $width - 15;
    }

    /** A term without its sign. */
    private static function size(Expression $term): Expression
    {
        return $term->bare();
    }

    private function outlineTerm(Pen $pen, int $power, float $y): void
    {
        $this->outline(
            $pen,
            $this->left + ($this->top - $power) * $this->column + 2,
            $y + 3,
            $this->column - 4,
        );
    }

    private function outline(Pen $pen, float $x, float $y, float $width): void
    {
        $pen->box($x, $y, $width, self::HEIGHT - 6, 'none', Ink::QUIET, 1.2, '3 3', 5);
    }

    private function strike(Pen $pen, Expression $term, int $power, float $y): void
    {
        $right = $this->left + ($this->top + 1 - $power) * $this->column - 2;
        $width = $pen->measure(self::size($term), self::SIZE)->width + 8;
        $pen->line($right - $width, $y + self::HEIGHT - 9, $right, $y + 9, Ink::QUIET, 1.4);
    }

    private function arrow(Pen $pen, int $power, float $from, float $to): void
    {
        $x = $this->left + ($this->top + 1 - $power) * $this->column - 2;
        $pen->line($x, $from, $x, $to, Ink::LIGHT_EDGE, 1.5);
        $pen->line($x - 4, $to - 6, $x, $to, Ink::LIGHT_EDGE, 1.5);
        $pen->line($x + 4, $to - 6, $x, $to, Ink::LIGHT_EDGE, 1.5);
    }

    private function leadingWidth(Pen $pen): float
    {
        $leading = self::sum(\array_slice($this->division->divisor, 0, 1, true));

        return $pen->measure($leading, self::SIZE)->width + 12;
    }

    /** The widest term of all decides the width of every column. */
    private function measure(Pen $pen): void
    {
        $rows = [$this->division->dividend];
        foreach ($this->division->rounds as $round) {
            array_push($rows, [$round->times], $round->product, $round->difference);
        }
        $widest = 40.0;
        foreach (array_merge(...$rows) as $term) {
            $widest = max($widest, $pen->measure(self::size($term), self::SIZE)->width);
        }
        $this->column = $widest + self::SIGN + 10 + ($this->division->turns ? 0 : self::MINUS);
    }

    /** @param array<int, Expression> $terms */
    private static function sum(array $terms): Expression
    {
        return Sum::of(array_values($terms));
    }
}
