<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Demonstration\Answer\SimplifiedAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;

/** What the ways with letters share: the reading before their steps, what is left and its check behind them. */
final class SimplifyDemonstration
{
    /**
     * @param string     $method its id, under which its words stand
     * @param list<Step> $steps
     * @param string     $why    the word of why the last line is the last
     * @param string     $read   the word of what the problem is
     */
    public static function of(
        Task $task,
        string $method,
        Expression $whole,
        array $steps,
        SimplifiedAnswer $answer,
        string $why = 'result-why',
        string $read = 'read',
    ): Demonstration {
        $result = $answer->node();
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of("simplify.$method.$read"),
                lines: [Line::given($whole)],
            )]),
            ...($steps === [] ? [] : [new Section(Phase::Tidying, $steps)]),
            new Section(Phase::Finishing, [new Step(
                id: 'result',
                title: Message::of('simplify.result.title'),
                why: Message::of("simplify.$method.$why"),
                lines: [Line::result($result)],
                question: Question::expression(Message::of('simplify.ask'), new Identity($whole, $result), $result),
            )]),
        ];

        return new Demonstration(
            task: $task,
            job: SimplifyFamily::JOB,
            method: $method,
            forecast: Forecast::of(sections: $sections, advice: Message::of("simplify.$method.advice")),
            sections: $sections,
            answer: $answer,
            checking: static fn(): array => [PutBeside::check($whole, $result)],
        );
    }

    /**
     * Where more than one line led to the result, it is written once: as the result.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    public static function withoutResult(array $steps, Expression $result): array
    {
        $last = array_pop($steps);
        if ($last === null) {
            return [];
        }
        $lines = $last->lines;
        $isWritten = \count($lines) > 1 && $lines[\count($lines) - 1]->link === Link::Equal
            && $lines[\count($lines) - 1]->node->equals($result);

        return [...$steps, $isWritten ? $last->withLines(\array_slice($lines, 0, -1)) : $last];
    }
}
