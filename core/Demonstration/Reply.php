<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\AnswerType;
use Runel\Demonstration\Answer\BetweenAnswer;
use Runel\Demonstration\Answer\SimplifiedAnswer;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** The question that the sentence asked, answered in a sentence from what was proved. */
final class Reply
{
    /** ax² + …: which letter stands where in a(x + h)² + k. */
    private const VERTEX = '/^\s*([a-z])?\s*\(\s*[a-z]\s*([-+−])\s*([a-z])\s*\)\s*'
        . '(?:\^\s*2|²)\s*([-+−])\s*([a-z])\s*$/iu';
    /** The same with the number in front: k − (x + h)². */
    private const VERTEX_LAST = '/^\s*([a-z])\s*([-+−])\s*([a-z])?\s*\(\s*[a-z]\s*([-+−])\s*([a-z])\s*\)\s*'
        . '(?:\^\s*2|²)\s*$/iu';
    /** a + b√3 or b√3: the letter that stands alone, the sign, the letter before the root, what is under it. */
    private const ROOTS = '/^\s*(?:([a-z])\s*([-+−])\s*)?([a-z])\s*[*·]?\s*(?:√|\\\\?sqrt)\s*'
        . '[({]?\s*(\d+|[a-z])\s*[)}]?\s*$/u';

    /** Null where it asked nothing beyond the answer itself. */
    public static function of(Demonstration $demonstration): ?Message
    {
        $asked = $demonstration->task->problem->asked;
        $answer = $demonstration->answer;
        $letters = self::letters($demonstration);
        if ($letters !== []) {
            $values = [];
            foreach ($letters as $letter => $value) {
                $values[] = new Equation(new Letter($letter), $value);
            }

            return match (\count($values)) {
                1 => Message::of('reply.one-letter', ['first' => $values[0]]),
                2 => Message::of('reply.two-letters', ['first' => $values[0], 'second' => $values[1]]),
                default => Message::of('reply.three-letters', [
                    'first' => $values[0],
                    'second' => $values[1],
                    'third' => $values[2],
                ]),
            };
        }

        return match ($asked->seeks) {
            'factor', 'remainder', 'quotient' => self::divided($asked->seeks, $answer),
            'no-real' => $answer->type() === AnswerType::None ? Message::of('reply.no-real') : null,
            'count' => self::counted($answer),
            'is-root' => self::isRoot($asked->given[0] ?? null, $answer),
            'discriminant', 'sum-of-roots', 'product-of-roots' => self::ofCoefficients(
                $asked->seeks,
                $demonstration->task->problem->polynomial,
            ),
            'excluded' => self::excluded($answer),
            'vertex', 'least', 'greatest', 'symmetry' => self::extreme($asked->seeks, $answer),
            default => $answer instanceof BetweenAnswer ? self::between($answer) : null,
        };
    }

    /** How many solutions there are, and between which numbers. */
    private static function between(BetweenAnswer $answer): Message
    {
        $gaps = array_map(static fn(array $pair): Message => Message::of('reply.gap', [
            'low' => $pair[0],
            'high' => $pair[1],
        ]), $answer->pairs());
        $all = array_shift($gaps);
        foreach ($gaps as $gap) {
            $all = Message::of('reply.gaps', ['before' => $all, 'gap' => $gap]);
        }

        return Message::of('reply.between', ['count' => \count($answer->pairs()), 'gaps' => $all]);
    }

    /**
     * The letters of the form that was asked for, with their values.
     *
     * @return array<string, Expression> none where no such form was asked for
     */
    public static function letters(Demonstration $demonstration): array
    {
        $form = $demonstration->task->problem->asked->form ?? '';
        $ofRoots = self::lettersOfRoots($form, $demonstration->answer->node());
        if ($ofRoots !== []) {
            return $ofRoots;
        }
        [$place, $value] = self::vertex($demonstration->answer) ?? [null, null];
        $leading = $demonstration->task->problem->polynomial?->terms[0]->coefficient ?? null;
        if ($place === null || $value === null || $leading === null) {
            return [];
        }
        $opposite = static fn(Expression $of): Expression => $of->number()?->isZero() === true ? $of : $of->negated();
        $front = Numeral::of($leading);
        if (preg_match(self::VERTEX, $form, $match) === 1) {
            [, $a, $inner, $h, $outer, $k] = $match;
            $value = $outer === '+' ? $value : $opposite($value);
        } elseif (preg_match(self::VERTEX_LAST, $form, $match) === 1) {
            [, $k, $outer, $a, $inner, $h] = $match;
            $front = $outer === '+' ? $front : $opposite($front);
        } else {
            return [];
        }
        $place = $inner === '+' ? $opposite($place) : $place;

        // Without a letter in front only a square that stands alone has that form.
        $letters = match (true) {
            $a !== '' => [$a => $front, $h => $place, $k => $value],
            $front->isOne() => [$h => $place, $k => $value],
            default => [],
        };
        uksort($letters, static fn(string $one, string $other): int => strpos($form, $one) <=> strpos($form, $other));

        return $letters;
    }

    /**
     * Of a number that was to be written as a√3, a√b, a + b√3 or a + b√c: what its letters are.
     *
     * @return array<string, Expression> none where it is no such number, or no such form was asked for
     */
    private static function lettersOfRoots(string $form, Node $answer): array
    {
        if (!$answer instanceof Expression || Letters::of($answer) !== []
            || preg_match(self::ROOTS, $form, $match) !== 1) {
            return [];
        }
        try {
            $parts = Evaluation::at(new Surds(), [])->of($answer)->parts;
        } catch (NoExactValue | DivisionByZero) {
            return [];
        }
        [, $plain, $sign, $before, $under] = $match;
        $left = $parts;
        unset($left[1]);
        $root = array_key_first($left);
        // Another root than the one that was named, or more than the form has places for.
        if (\count($left) !== 1 || $root === null || (ctype_digit($under) && (int) $under !== $root)
            || ($plain === '' && isset($parts[1]))) {
            return [];
        }
        $number = $left[$root];
        $values = [
            $plain => Numeral::of($parts[1] ?? Rational::zero()),
            $before => Numeral::of($sign === '' || $sign === '+' ? $number : $number->negated()),
            $under => Numeral::of($root),
        ];

        return array_filter(
            $values,
            static fn(int|string $letter): bool => \is_string($letter) && $letter !== '',
            \ARRAY_FILTER_USE_KEY,
        );
    }

    /** At which values the problem has none itself; null where they cannot be named. */
    private static function excluded(Answer $answer): ?Message
    {
        $places = $answer instanceof SimplifiedAnswer ? $answer->excluded() : null;

        return match (true) {
            $places === null => null,
            $places === [] => Message::of('reply.excluded-none'),
            default => Message::of('reply.excluded', [
                'places' => \count($places) === 1 ? $places[0] : new Alternatives($places),
            ]),
        };
    }

    /** How many solutions there are. */
    private static function counted(Answer $answer): ?Message
    {
        $solutions = $answer->solutions();

        return match (true) {
            $answer->type() === AnswerType::None => Message::of('reply.count-none'),
            $answer instanceof BetweenAnswer => self::between($answer),
            $solutions === null => null,
            default => Message::of('reply.count', ['count' => \count($solutions)]),
        };
    }

    /** Whether a value is among the solutions; null where that cannot be told from their numbers. */
    private static function isRoot(?Expression $value, Answer $answer): ?Message
    {
        if ($value === null || ($answer->solutions() === null && $answer->type() !== AnswerType::None)) {
            return null;
        }
        $words = ['value' => $value];
        try {
            $number = Evaluation::at(new Surds(), [])->of($value);
            foreach ($answer->solutions() ?? [] as $solution) {
                if (Evaluation::at(new Surds(), [])->of($solution)->equals($number)) {
                    return Message::of('reply.root', $words);
                }
            }
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }

        return Message::of('reply.no-root', $words);
    }

    /** What the coefficients of a quadratic say by themselves: its discriminant, the sum and product of its roots. */
    private static function ofCoefficients(string $seeks, ?Polynomial $polynomial): ?Message
    {
        $letter = $polynomial?->letters()[0] ?? null;
        $isQuadratic = $polynomial?->degree() === 2 && \count($polynomial->letters()) === 1;
        if (!$isQuadratic || $letter === null) {
            return null;
        }
        [$c, $b, $a] = array_map(
            static fn(int $power): Rational => $polynomial->coefficient($letter, $power),
            [0, 1, 2],
        );

        return Message::of("reply.$seeks", ['value' => Numeral::of(match ($seeks) {
            'discriminant' => $b->times($b)->minus(Rational::of(4)->times($a)->times($c)),
            'sum-of-roots' => $b->negated()->dividedBy($a),
            default => $c->dividedBy($a),
        })]);
    }

    private static function divided(string $seeks, Answer $answer): ?Message
    {
        $quotient = $answer->quotient();
        $remainder = $answer->remainder();
        if ($quotient === null || $remainder === null) {
            return null;
        }
        $isExact = $remainder->number()?->isZero() === true;

        return match (true) {
            $seeks === 'factor' && $isExact => Message::of('reply.factor'),
            $seeks === 'factor' => Message::of('reply.no-factor', ['remainder' => $remainder]),
            $seeks === 'remainder' => Message::of('reply.remainder', ['remainder' => $remainder]),
            default => Message::of('reply.quotient', ['quotient' => $quotient, 'remainder' => $remainder]),
        };
    }

    private static function extreme(string $seeks, Answer $answer): ?Message
    {
        $vertex = self::vertex($answer);
        $axis = $answer->details()['axis'] ?? null;
        if ($vertex === null || !$axis instanceof Equation) {
            return null;
        }
        [$place, $value] = $vertex;
        $extreme = $answer->details()['extreme'] ?? null;
        return match (true) {
            $seeks === 'symmetry' => Message::of('reply.symmetry', ['axis' => $axis]),
            $seeks === 'vertex' => Message::of('reply.vertex', ['place' => $place, 'value' => $value]),
            $seeks === 'least' && $extreme === 'least' => Message::of('reply.least', [
                'value' => $value,
                'axis' => $axis,
            ]),
            $seeks === 'least' => Message::of('reply.no-least'),
            $extreme === 'greatest' => Message::of('reply.greatest', ['value' => $value, 'axis' => $axis]),
            default => Message::of('reply.no-greatest'),
        };
    }

    /** @return array{Expression, Expression}|null place and value */
    private static function vertex(Answer $answer): ?array
    {
        $vertex = $answer->details()['vertex'] ?? null;

        $place = \is_array($vertex) ? $vertex[0] ?? null : null;
        $value = \is_array($vertex) ? $vertex[1] ?? null : null;

        return $place instanceof Expression && $value instanceof Expression ? [$place, $value] : null;
    }
}
