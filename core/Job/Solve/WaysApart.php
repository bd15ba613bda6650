<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Method\Embedded;
use Runel\Problem\Problem;

/** Linear equations that a fork has led to, each solved in balance on a branch of its own. */
final readonly class WaysApart
{
    /**
     * @param list<Section>    $sections each way one stage, so that it says one outcome
     * @param list<Expression> $values   what solves them, each once
     * @param Answer|null      $last     that of the last way that was not solved as it stood
     */
    private function __construct(public array $sections, public array $values, public ?Answer $last) {}

    /** @param non-empty-list<Equation> $equations a single one is no fork */
    public static function of(array $equations, Task $task): self
    {
        $isFork = \count($equations) > 1;
        $balance = new Balance();
        [$sections, $values, $last] = [[], [], null];
        foreach ($equations as $place => $equation) {
            $way = new Task(Problem::of($equation), $task->style->with('answers', 'exact'));
            if ($balance->refusal($way) !== null) {
                // It says its value already.
                $values[] = $equation->right;
                continue;
            }
            $solved = $balance->demonstrate($way);
            $last = $solved->answer;
            $isDead = $isFork && $last->solutions() === [];
            $steps = array_merge(...array_map(
                static fn(Section $section): array => $section->steps,
                Embedded::onBranch(
                    $solved->sections,
                    'way-' . ($place + 1) . '-',
                    $equation,
                    $isFork ? Branch::way($place + 1) : null,
                    $isDead ? Message::of('powers.equal.dead') : null,
                ),
            ));
            $sections[] = new Section(
                Phase::Solving,
                $steps,
                outcome: $isDead ? Message::of('powers.equal.outcome') : null,
            );
            array_push($values, ...($last->solutions() ?? []));
        }

        return new self($sections, self::once($values), $last);
    }

    /**
     * @param list<Expression> $values
     *
     * @return list<Expression> each once
     */
    public static function once(array $values): array
    {
        $different = [];
        foreach ($values as $value) {
            $number = $value->number() ?? throw new \LogicException('A linear equation has a rational root.');
            $different[(string) $number] ??= $value;
        }

        return array_values($different);
    }
}
