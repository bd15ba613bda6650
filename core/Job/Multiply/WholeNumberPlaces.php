<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Figure\WholeNumberTwinFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Sum;
use Runel\Message\Message;

/** Two whole numbers multiplied from the ones up, one place a step, with what each carries on. */
final class WholeNumberPlaces
{
    private const NAMED = ['ones', 'tens', 'hundreds', 'thousands'];

    /**
     * @param WholeNumberTwinFigure $figure with no sums written, or with all of them
     * @param callable(int): string $id     of the step at a place
     *
     * @return array{non-empty-list<Step>, WholeNumberTwinFigure} the steps, and all written
     */
    public static function steps(WholeNumberTwinFigure $figure, callable $id): array
    {
        $isSummed = $figure->known !== [];
        $steps = [];
        $power = 0;
        do {
            $figure = ($isSummed ? $figure->quiet() : $figure->summed($power))->carried();
            $steps[] = self::step($figure, $power, $isSummed, $id($power));
            ++$power;
        } while ($power < $figure->places());

        return [$steps, $figure->quiet()];
    }

    private static function step(WholeNumberTwinFigure $figure, int $power, bool $isSummed, string $id): Step
    {
        [$sum, $carry] = [$figure->sums[$power], $figure->carries[$power]];
        $total = $sum + $carry;
        $line = Line::side(
            Sum::of([
                $isSummed ? Numeral::of($sum) : $figure->products($power),
                ...($carry === 0 ? [] : [Numeral::of($carry)]),
            ]),
            new Marked(Numeral::of($total), Mark::ofDegree($power)),
        );
        $parameters = [
            'total' => $total,
            'digit' => $total % 10,
            'carry' => intdiv($total, 10),
        ];
        $isLast = $power === $figure->places() - 1;

        return new Step(
            id: $id,
            title: isset(self::NAMED[$power])
                ? Message::of('places.title-' . self::NAMED[$power])
                : Message::of('places.title', ['power' => new Power(Numeral::of(10), Numeral::of($power))]),
            why: Message::of(match (true) {
                $isLast && $total >= 10 => 'places.why-last',
                $total >= 10 => 'places.why-carry',
                $carry > 0 && $isSummed => 'places.why-carried',
                default => 'places.why-stays',
            }, $parameters),
            lines: $isSummed && $carry === 0 ? [] : [$line],
            figure: $figure,
            question: $isSummed && $carry === 0 ? null : Question::about($line, Message::of('places.ask')),
        );
    }
}
