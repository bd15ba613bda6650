<?php

declare(strict_types=1);

namespace Runel\Job\Show;

use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/** Numbers for which two sides differ: they are not the same for every value. */
final readonly class Apart
{
    /** @param non-empty-array<string, Rational> $values by letter */
    private function __construct(private array $values, private Rational $left, private Rational $right) {}

    /**
     * @param list<string> $letters all that stand in it
     *
     * @return self|null null where no small numbers tell them apart
     */
    public static function of(Equation $equation, array $letters): ?self
    {
        foreach ([1, 2, 3, 0, -1] as $first) {
            $values = [];
            foreach ($letters as $place => $letter) {
                $values[$letter] = Rational::of($first + $place);
            }
            try {
                $left = Evaluation::rational($equation->left, $values);
                $right = Evaluation::rational($equation->right, $values);
            } catch (NoExactValue | DivisionByZero) {
                continue;
            }
            if ($values !== [] && !$left->equals($right)) {
                return new self($values, $left, $right);
            }
        }

        return null;
    }

    public function said(): Message
    {
        $letters = array_keys($this->values);
        $value = fn(string $letter): Equation => new Equation(
            new Letter($letter),
            Numeral::of($this->values[$letter]),
        );
        $sides = ['left' => Numeral::of($this->left), 'right' => Numeral::of($this->right)];

        return match (\count($letters)) {
            1 => Message::of('error.asked-show-apart', ['value' => $value($letters[0])] + $sides),
            2 => Message::of('error.asked-show-apart-two', [
                'value' => $value($letters[0]),
                'other' => $value($letters[1]),
            ] + $sides),
            default => Message::of('error.asked-show-apart-more', $sides),
        };
    }
}
