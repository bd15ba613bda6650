<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Line;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Substitution;
use Runel\Message\Message;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Working\Arithmetic;

/** How a rearranged formula is checked: with numbers for all letters, and put back into the one it came from. */
final readonly class FormulaChecks
{
    /** Numbers put in for letters to compare both formulas. */
    private const SAMPLES = [2, 3, 5, 7, 4, 8, 9, 6];

    /**
     * @param list<string>               $letters all there are
     * @param non-empty-list<Expression> $results what the subject is
     * @param Equation|null              $from    the line from which every step can be turned round; null: all of them
     */
    public function __construct(
        private array $letters,
        private Equation $formula,
        private string $subject,
        private array $results,
        private ?Equation $from,
    ) {}

    /** @return non-empty-list<Check> */
    public function checks(): array
    {
        $numbers = $this->withNumbers()
            ?? ($this->from === null || $this->from === $this->formula ? null : $this->sampled($this->formula));
        $back = $numbers !== null && ($this->from !== null || \count($this->results) > 1)
            ? null
            : $this->solvedBack($this->from ?? $this->formula, $numbers === null);

        return array_values(array_filter([$numbers, $back])) ?: throw new \LogicException('Nothing is checked.');
    }

    /** @param bool $alone whether it is the only check: then both sides are compared as they stand */
    private function solvedBack(Equation $formula, bool $alone): ?Check
    {
        $lines = [];
        $sides = [[$formula->left, $formula->right], [$formula->right, $formula->left]];
        foreach ($sides as [$side, $other]) {
            if ($lines === [] && Letters::holds($side, $this->subject) && !Letters::holds($other, $this->subject)) {
                $lines = WorkedBack::lines($this->put($side), $other);
            }
        }
        if ($lines === [] && Letters::holds($formula->left, $this->subject)
            && Letters::holds($formula->right, $this->subject)) {
            $lines = WorkedBack::lines($this->put($formula->left), $this->put($formula->right));
        }
        if ($lines === [] && !$alone) {
            return null;
        }
        if ($lines === [] && $this->sampled($formula) !== null) {
            return $this->sampled($formula);
        }

        return new Check(
            kind: CheckKind::SolvedBack,
            title: $formula === $this->formula
                ? Message::of('rearrange.check.back', ['letter' => new Letter($this->subject)])
                : Message::of('rearrange.check.back-line', [
                    'letter' => new Letter($this->subject),
                    'line' => $formula,
                ]),
            why: Message::of(
                \count(Letters::of($this->formula)) === 1
                    ? 'rearrange.check.back-why-number'
                    : 'rearrange.check.back-why',
            ),
            lines: $lines ?: [Line::side($this->put($formula->left), $this->put($formula->right))],
            holds: true,
        );
    }

    /** Numbers for all letters but the one solved for: what it is then, and both sides with that. */
    private function sampled(Equation $formula): ?Check
    {
        $letters = array_values(array_diff($this->letters, [$this->subject]));
        for ($turn = 0; $turn < 60 && !Inside::holds($formula, Pi::class); ++$turn) {
            $values = [];
            foreach ($letters as $place => $letter) {
                $values[$letter] = Rational::of(self::SAMPLES[($turn * ($place + 1) + 3 * $place) % 8]);
            }
            try {
                $values[$this->subject] = Evaluation::rational($this->results[0], $values);
                $sides = [
                    Evaluation::rational($formula->left, $values),
                    Evaluation::rational($formula->right, $values),
                ];
            } catch (NoExactValue | DivisionByZero) {
                continue;
            }
            if ($sides[0]->equals($sides[1])) {
                return new Check(
                    kind: CheckKind::Substitution,
                    title: Message::of('rearrange.check.sampled'),
                    why: Message::of('rearrange.check.sampled-why', [
                        'letter' => new Equation(new Letter($this->subject), Numeral::of($values[$this->subject])),
                    ]),
                    lines: array_merge(...array_map(
                        static fn(Expression $side): array => Arithmetic::lines(self::filled($side, $values)),
                        [$this->results[0], $formula->left, $formula->right],
                    )),
                    holds: true,
                );
            }
        }

        return null;
    }

    private function put(Expression $side): Expression
    {
        return Substitution::into($side, $this->subject, $this->results[0]);
    }

    /** Numbers for all letters: the original gives one number, and with it the new formula gives back the letter's. */
    private function withNumbers(): ?Check
    {
        $whole = $this->formula->left instanceof Letter ? $this->formula->left->name : null;
        if ($whole === null || $whole === $this->subject || Letters::holds($this->formula->right, $whole)) {
            return null;
        }
        if (Inside::holds($this->formula, Pi::class)) {
            // No number that could be put for it is its own.
            return null;
        }
        $letters = array_values(array_diff($this->letters, [$whole]));
        for ($turn = 0; $turn < 60; ++$turn) {
            $values = [];
            foreach ($letters as $place => $letter) {
                $values[$letter] = Rational::of(self::SAMPLES[($turn * ($place + 1) + 3 * $place) % 8]);
            }
            try {
                $value = Evaluation::rational($this->formula->right, $values);
                $back = Evaluation::rational($this->results[0], [$whole => $value] + $values);
            } catch (NoExactValue | DivisionByZero) {
                continue;
            }
            if (!$back->equals($values[$this->subject])) {
                continue;
            }
            return new Check(
                kind: CheckKind::Substitution,
                title: Message::of('rearrange.check.numbers'),
                why: Message::of('rearrange.check.numbers-why', [
                    'whole' => new Equation(new Letter($whole), Numeral::of($value)),
                    'letter' => new Equation(new Letter($this->subject), Numeral::of($values[$this->subject])),
                ]),
                lines: [
                    ...Arithmetic::lines(self::filled($this->formula->right, $values)),
                    ...Arithmetic::lines(self::filled($this->results[0], [$whole => $value] + array_diff_key(
                        $values,
                        [$this->subject => true],
                    ))),
                ],
                holds: true,
            );
        }

        return null;
    }

    /** @param array<string, Rational> $numbers by letter */
    private static function filled(Expression $side, array $numbers): Expression
    {
        foreach ($numbers as $letter => $number) {
            $side = Substitution::into($side, $letter, Numeral::of($number));
        }

        return $side;
    }
}
