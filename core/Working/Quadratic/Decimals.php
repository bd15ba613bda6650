<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Evaluation;
use Runel\Expression\Quotient;
use Runel\Message\Message;
use Runel\Number\Field\Surds;
use Runel\Slip\Slip;
use Runel\Style\Answers;
use Runel\Style\Places;

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
        if ($task->style->get(Answers::class) === Answers::Exact || !$answer instanceof SolutionsAnswer) {
            return [$sections, $answer];
        }
        $places = $task->style->get(Places::class);
        $decimals = [];
        $written = [];
        $exact = true;
        foreach ($answer->solutions() as $solution) {
            $value = Evaluation::at(new Surds(), [])->of($solution);
            if (!$value->isReal()) {
                return [$sections, $answer];
            }
            $decimal = $places->isSignificant()
                ? $value->toFigures($places->count())
                : $value->toDecimal($places->count());
            $decimals[] = $decimal;
            $exact = $exact && $value->toRational()?->isInteger() === true;
            $written[] = "$letter ≈ " . str_replace('-', '−', $decimal);
        }
        if ($exact) {
            return [$sections, $answer];
        }
        $last = $sections[\count($sections) - 1];
        $sections[\count($sections) - 1] = $last->withSteps([...$last->steps, new Step(
            id: 'decimals',
            title: Message::of(
                $places->isSignificant() ? 'quadratic.decimals.title-figures' : 'quadratic.decimals.title',
                ['count' => $places->count()],
            ),
            why: Message::of('quadratic.decimals.why', ['values' => implode(', ', $written)]),
            figure: Keypad::of($answer->solutions()[0]),
            watch: $answer->solutions()[0] instanceof Quotient ? Slip::StackedFraction : null,
        )]);

        return [array_values($sections), $answer->withDecimals($decimals)];
    }

    /**
     * The same where the problem itself wants decimals.
     *
     * @param non-empty-list<Section> $sections
     *
     * @return array{non-empty-list<Section>, Answer}
     */
    public static function asked(Task $task, array $sections, Answer $answer, string $letter): array
    {
        return $task->problem->asked->rounding === null
            ? [$sections, $answer]
            : self::of($task, $sections, $answer, $letter);
    }
}
