<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Values\Given;
use Runel\Message\BadRequest;
use Runel\Message\Message;

/**
 * What the pen wrote on a board of a lesson, kept with its item: strokes by the step they were drawn at, their points
 * counted from the thing they keep to, in units of its letters.
 */
final readonly class Ink
{
    private const TOOLS = ['free', 'ring', 'underline', 'arrow', 'cover'];
    private const COLOURS = ['black', 'rust'];
    /** So many points all strokes of an item have together. */
    private const MOST_POINTS = 12_000;
    private const MOST_STROKES = 400;
    /** No point lies further than this from its thing, in letters. */
    private const FURTHEST = 500.0;

    /**
     * @param array<array-key, list<array{
     *     tool: string, ink: string, on: string|null, points: list<list<float>>,
     * }>> $steps by step
     */
    private function __construct(public array $steps) {}

    /**
     * @param mixed $sent by step, as the pen keeps it; what is no stroke is left out
     *
     * @throws BadRequest when it is more than is kept
     */
    public static function of(mixed $sent): self
    {
        $steps = [];
        $strokes = 0;
        $points = 0;
        foreach (Given::of($sent)->values as $step => $drawn) {
            $isStep = preg_match('/^\d{1,4}\??$/', (string) $step) === 1;
            foreach ($isStep ? Given::of([$drawn])->each(0) : [] as $one) {
                $stroke = self::stroke($one);
                if ($stroke === null) {
                    continue;
                }
                $points += \count($stroke['points']);
                if (++$strokes > self::MOST_STROKES || $points > self::MOST_POINTS) {
                    throw new BadRequest(Message::of('lesson.ink-too-much'));
                }
                $steps[$step][] = $stroke;
            }
        }

        return new self($steps);
    }

    /** @return array{tool: string, ink: string, on: string|null, points: list<list<float>>}|null */
    private static function stroke(Given $given): ?array
    {
        $points = [];
        foreach ($given->each('points') as $point) {
            $place = array_map(
                static fn(mixed $number): float => is_numeric($number) ? round((float) $number, 3) : \INF,
                \array_slice(array_values($point->values), 0, 3),
            );
            if (\count($place) < 2 || max(array_map(abs(...), $place)) > self::FURTHEST) {
                return null;
            }
            $points[] = $place;
        }
        $known = \in_array($given->text('tool'), self::TOOLS, true)
            && \in_array($given->text('ink'), self::COLOURS, true);

        return !$known || \count($points) < 2 ? null : [
            'tool' => $given->text('tool'),
            'ink' => $given->text('ink'),
            'on' => preg_match('/^[a-z0-9 .-]{1,60}$/i', $given->text('on')) === 1 ? $given->text('on') : null,
            'points' => $points,
        ];
    }
}
