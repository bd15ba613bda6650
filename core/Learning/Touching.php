<?php

declare(strict_types=1);

namespace Runel\Learning;

use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** Which habits change a line on the roads of some problems by one way. */
final readonly class Touching
{
    /** Keys that change no line: how it is spoken, signed or drawn. */
    private const UNSEEN = ['words', 'times', 'crossing-middle', 'crossing-letters'];

    /** @param non-empty-list<Problem> $problems */
    public function __construct(private array $problems, private Method $method) {}

    /**
     * Every value that changes a line of a road.
     *
     * @return list<array{string, string}> key and value
     */
    public function values(HouseStyle $style): array
    {
        $roads = $this->roads($style);
        $touching = [];
        foreach (array_diff_key(HouseStyle::table(), array_flip(self::UNSEEN)) as $key => $values) {
            foreach (array_diff($values, [$style->all()[$key]]) as $value) {
                foreach ($this->roads($style->with($key, $value)) ?? [] as $place => $road) {
                    if ($roads === null || !$road->equals($roads[$place])) {
                        $touching[] = [$key, $value];
                        break;
                    }
                }
            }
        }

        return $touching;
    }

    /** @return non-empty-list<Road>|null null where one of the problems cannot go this way */
    public function roads(HouseStyle $style): ?array
    {
        $roads = [];
        foreach ($this->problems as $problem) {
            $task = new Task($problem, $style);
            try {
                if ($this->method->refusal($task) !== null) {
                    return null;
                }
                // Not yet audited: what is shown of it in the end is.
                $roads[] = Road::of($this->method->demonstrate($task));
            } catch (Refusal) {
                return null;
            }
        }

        return $roads;
    }
}
