<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Family;
use Runel\Method\Help;
use Runel\Method\Method;
use Runel\Notation\Ascii;
use Runel\Problem\Problem;
use Runel\Slip\Slip;

/**
 * Help for whoever is stuck at a line, in rungs: what to look at, the question, the rule, the line itself. It is what a
 * demonstration does next: one of the problem where the line stands in it, else one of the line as a problem of its
 * own, so that help never leads away from the learner's own road.
 */
final readonly class Guidance
{
    /** How many rungs there are. */
    public const RUNGS = 4;
    /**
     * @param Message    $stage what part of the work comes next
     * @param Slip|null  $watch what people slip on there
     * @param list<Line> $lines one or more
     * @param int        $step  the number of the step that writes them, from 1
     */
    private function __construct(
        public Message $stage,
        public ?Slip $watch,
        public Message $question,
        public Message $rule,
        public array $lines,
        public Demonstration $demonstration,
        public int $step,
    ) {}

    /**
     * @param string|null $method the one that the tutor has shown, where there is one
     * @param Node        $line   where the learner stands
     *
     * @return self|null null where no demonstration goes on from there
     */
    public static function after(Catalogue $catalogue, Task $task, string $job, ?string $method, Node $line): ?self
    {
        $family = $catalogue->families->of($job);
        $alike = new Alike();
        $whole = null;
        foreach (self::ways($catalogue, $task, $family, $method) as $demonstration) {
            $place = self::place($demonstration, $line, $alike);
            $next = $place === null ? null : self::from($demonstration, $place + 1, $line, $alike);
            $isWhole = $next?->isLast() === true && $demonstration->method !== $method
                && $family->help($demonstration->method, true) === Help::Last;
            if ($next !== null && !$isWhole) {
                return $next;
            }
            $whole ??= $next;
        }
        if ($whole !== null) {
            return $whole;
        }
        $own = self::ownProblem($catalogue, $task, $job, $line);
        foreach ($own === null ? [] : self::ways($catalogue, $own, $family, null) as $demonstration) {
            $next = self::from($demonstration, 0, $line, $alike);
            if ($next !== null) {
                return $next;
            }
        }

        return null;
    }

    /** Whether its line is the answer already. */
    private function isLast(): bool
    {
        return array_filter($this->lines, static fn(Line $line): bool => $line->link === Link::Result) !== [];
    }

    /** @return iterable<Demonstration> the way shown first, then the others in their order */
    private static function ways(Catalogue $catalogue, Task $task, Family $family, ?string $method): iterable
    {
        $ids = array_map(static fn(Method $way): string => $way->id(), $family->methods());
        $later = array_filter(
            $ids,
            static fn(string $id): bool => $family->help($id, false) === Help::Later,
        );
        $own = $later === [] ? [null] : array_diff($ids, $later);
        $shown = $method !== null && \in_array($method, $ids, true) ? [$method] : $own;
        foreach ([...$shown, ...array_diff($ids, $shown)] as $id) {
            try {
                yield $catalogue->demonstrate($task, $family->job(), $id);
            } catch (Refusal) {
                continue;
            }
        }
    }

    /** The number of the last step that writes the line, from 0. */
    private static function place(Demonstration $demonstration, Node $line, Alike $alike): ?int
    {
        $found = null;
        foreach ($demonstration->steps() as $number => $step) {
            foreach (self::chain($step) as $written) {
                $found = $alike->lines($written, $line) ? $number : $found;
            }
        }

        return $found;
    }

    /** @param int $start the number of the first step that is help, from 0 */
    private static function from(Demonstration $demonstration, int $start, Node $line, Alike $alike): ?self
    {
        $passed = [];
        $number = 0;
        foreach ($demonstration->sections as $section) {
            foreach ($section->steps as $step) {
                if ($number++ < $start) {
                    continue;
                }
                if ($step->role === Role::Reading && $number < \count($demonstration->steps())) {
                    // What is read stands there already.
                    continue;
                }
                $passed[] = [$section, $step];
                $onward = array_filter(
                    self::chain($step),
                    static fn(Node $written): bool => !$alike->lines($written, $line),
                );
                if ($onward !== []) {
                    return self::of($demonstration, $passed, $number, $line);
                }
            }
        }

        return null;
    }

    /** @param non-empty-list<array{Section, Step}> $passed from where the learner stands to the step that writes on */
    private static function of(Demonstration $demonstration, array $passed, int $number, Node $line): self
    {
        [$section, $step] = $passed[\count($passed) - 1];
        // What a part of the work arrives at is asked, of the first part that asks anything.
        $asked = $step;
        $isBegun = false;
        foreach ($passed as [$part, $one]) {
            $isAsking = $one->question !== null && $part->phase !== Phase::Reading;
            if ($isAsking && (!$isBegun || $part === $section)) {
                [$section, $asked, $isBegun] = [$part, $one, true];
            }
        }
        $own = array_values(array_map(
            static fn(array $one): Step => $one[1],
            array_filter($passed, static fn(array $one): bool => $one[0] === $section),
        ));
        $watched = array_values(array_filter($own, static fn(Step $one): bool => $one->watch !== null));

        return new self(
            $section->phase === Phase::Reading ? $asked->title : $section->title(),
            $watched[\count($watched) - 1]->watch ?? null,
            $asked->question->prompt ?? Message::of('marking.ask-next', ['title' => $step->title]),
            self::rule($own, $asked, $step, $line),
            self::main($step),
            $demonstration,
            $number,
        );
    }

    /**
     * The reason for what is asked, or for what comes before it where that would say the line itself. Where there is no
     * other reason, what the learner has still to find is left open in it.
     *
     * @param list<Step> $steps of the part of the work that asks
     * @param Node       $line  where the learner stands: what is in it already may be said
     */
    private static function rule(array $steps, Step $asked, Step $last, Node $line): Message
    {
        $written = implode(' ', array_map(Ascii::write(...), self::chain($last)));
        $known = Ascii::write($line);
        $tells = static function (mixed $part) use ($written, $known): bool {
            $said = $part instanceof Sum || $part instanceof Product ? Ascii::write(Rewriter::unmarked($part)) : null;

            return $said !== null && str_contains($written, $said) && !str_contains($known, $said);
        };
        $place = (int) array_search($asked, $steps, true);
        foreach (array_reverse(\array_slice($steps, 0, $place + 1)) as $step) {
            // A single pair or arrangement of a hunt is no rule.
            if (array_filter($step->why->parameters, $tells) === [] && $step->role !== Role::Trial) {
                return $step->why;
            }
        }

        return Message::of($asked->why->key, array_map(
            static fn(mixed $part): mixed => $tells($part) ? '…' : $part,
            $asked->why->parameters,
        ));
    }

    /** @return list<Node> the lines of a step that carry the work on, unmarked */
    private static function chain(Step $step): array
    {
        return array_map(static fn(Line $line): Node => Rewriter::unmarked($line->node), self::main($step));
    }

    /** @return list<Line> the lines that carry all of the work on: a branch carries only a part of it */
    private static function main(Step $step): array
    {
        return array_values(array_filter(
            $step->lines,
            static fn(Line $line): bool => $line->link !== Link::Side && $line->branch === null,
        ));
    }

    /** The line as a problem of its own; null where it cannot be one. */
    private static function ownProblem(Catalogue $catalogue, Task $task, string $job, Node $line): ?Task
    {
        if (!$line instanceof Expression && !$line instanceof Equation) {
            return null;
        }
        try {
            $problem = Problem::of($line, $task->problem->subject);

            return \in_array($job, $catalogue->families->ofProblem($problem), true)
                ? new Task($problem, $task->style, $task->choices, true)
                : null;
        } catch (Refusal) {
            return null;
        }
    }
}
