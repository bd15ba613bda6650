<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\RealNumber;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\FormulaAnswer;
use Runel\Demonstration\Answer\RealSolutionsAnswer;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Answer\TestedSolutionsAnswer;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Answers;
use Runel\Style\Calculator;
use Runel\Style\Places;
use Runel\Working\Keypad;

/** Solutions as decimals, correctly rounded from the exact ones. */
final class Decimals
{
    /**
     * Decimals as a last step, from the exact form, where the house style asks for them.
     *
     * @param non-empty-list<Section> $sections
     *
     * @return array{non-empty-list<Section>, Answer}
     */
    public static function of(Task $task, array $sections, Answer $answer, string $letter): array
    {
        $solutions = match (true) {
            $answer instanceof SolutionsAnswer,
            $answer instanceof TestedSolutionsAnswer,
            $answer instanceof RealSolutionsAnswer => $answer->solutions(),
            $answer instanceof FormulaAnswer => $answer->results(),
            default => [],
        };
        $isOpen = array_filter($solutions, static fn(Expression $one): bool => Letters::of($one) !== []) !== [];
        if ($task->style->get(Answers::class) === Answers::Exact || $solutions === [] || $isOpen) {
            return [$sections, $answer];
        }
        $places = $task->style->get(Places::class);
        $decimals = [];
        $written = [];
        $isRounded = false;
        foreach ($solutions as $solution) {
            $value = RealNumber::of($solution);
            if ($value === null) {
                return [$sections, $answer];
            }
            $decimal = $places->isSignificant()
                ? $value->toFigures($places->count())
                : $value->toDecimal($places->count());
            $decimals[] = $decimal;
            $number = Polynomial::number($solution);
            // A whole number is not rounded; what ends within the places is the number itself.
            $isExact = $number?->equals(Rational::ofDecimal($decimal)) === true;
            $isRounded = $isRounded || !$isExact;
            if ($number?->isInteger() !== true) {
                $written[] = $letter . ($isExact ? ' = ' : ' ≈ ') . str_replace(
                    '-',
                    '−',
                    $isExact && str_contains($decimal, '.') ? rtrim(rtrim($decimal, '0'), '.') : $decimal,
                );
            }
        }
        if ($written === []) {
            return [$sections, $answer];
        }
        $last = $sections[\count($sections) - 1];
        $step = self::step($task, $solutions[0], implode(', ', $written), $isRounded);
        $sections[\count($sections) - 1] = $last->withSteps([...$last->steps, $step]);

        return [array_values($sections), $answer->withDecimals($decimals)];
    }

    /** @param string $values as they are written */
    private static function step(Task $task, Expression $first, string $values, bool $isRounded): Step
    {
        $places = $task->style->get(Places::class);

        return new Step(
            id: 'decimals',
            title: $isRounded ? Message::of(
                $places->isSignificant() ? 'quadratic.decimals.title-figures' : 'quadratic.decimals.title',
                ['count' => $places->count()],
            ) : Message::of('quadratic.decimals.title-exact'),
            why: Message::of(
                $isRounded ? 'quadratic.decimals.why' : 'quadratic.decimals.why-exact',
                ['values' => $values],
            ),
            figure: Inside::holds($first, Root::class)
                ? Keypad::of($first, $task->style->get(Calculator::class))
                : null,
            watch: $first instanceof Quotient && Inside::holds($first, Root::class) ? Slip::StackedFraction : null,
        );
    }
}
