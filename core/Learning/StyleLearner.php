<?php

declare(strict_types=1);

namespace Runel\Learning;

use Runel\Demonstration\Task;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Method;
use Runel\Problem\Problem;
use Runel\Proof\Effort;
use Runel\Style\HouseStyle;

/**
 * Finds the habits under which our own road writes somebody's lines. A search over the keys that change anything on
 * that road, by what each changes: the value that wins the most lines is taken, until none wins any more. The lines are
 * never taken for right: each has been judged before.
 */
final readonly class StyleLearner
{
    /** So many ways are searched, those first that write most of the lines as they are. */
    private const WAYS = 6;
    /** So many habits are taken at most. */
    private const ROUNDS = 16;
    private const EFFORT = 2_000_000;
    /** What ± counts where two equations stand, or the other way round, in lines. */
    private const OTHER_SIGNS = 3;

    private function __construct(private Catalogue $catalogue) {}

    /**
     * @param list<string> $typed the lines as they stand
     *
     * @throws Refusal when there is nothing to be read, or nothing to do with the problem
     */
    public static function example(
        Catalogue $catalogue,
        string $problem,
        array $typed,
        ?string $job = null,
    ): Example {
        $read = Problem::read($problem);
        $typed = array_values(array_filter(
            array_map(trim(...), $typed),
            static fn(string $line): bool => $line !== '',
        ));
        if ($typed === [] || \count($typed) > Example::MOST_LINES) {
            throw new BadRequest(Message::of('learning.lines', ['most' => Example::MOST_LINES]));
        }
        $job = $catalogue->families->chosen($read, $job)->job();
        $marking = Marker::mark(
            $catalogue,
            new Task($read, HouseStyle::default()),
            $job,
            $typed,
            effort: Effort::of(self::EFFORT),
        );
        $lines = $marking->lines;
        // The problem copied down is no line of the road.
        if ($lines !== [] && $lines[0]->node !== null && $lines[0]->node->equals($read->node)) {
            $lines = \array_slice($lines, 1);
        }
        if ($lines === []) {
            throw new BadRequest(Message::of('learning.lines', ['most' => Example::MOST_LINES]));
        }

        return new Example($read, $job, $lines);
    }

    /**
     * @param non-empty-list<Example> $examples of one job
     *
     * @throws Refusal when no way is common to them
     */
    public static function learn(Catalogue $catalogue, array $examples): Learned
    {
        $learner = new self($catalogue);
        $best = null;
        foreach ($learner->ways($examples) as $method) {
            $style = $learner->searched($examples, $method);
            $found = $learner->learned($examples, $method, $style);
            if ($best === null || self::isBetter($learner->score($found), $learner->score($best))) {
                $best = $found;
            }
        }

        return $best ?? throw new BadRequest(Message::of('learning.no-way'));
    }

    /**
     * The ways that all examples can go, those first that write most of their lines.
     *
     * @param non-empty-list<Example> $examples
     *
     * @return list<Method>
     */
    private function ways(array $examples): array
    {
        $ways = [];
        foreach ($this->catalogue->families->of($examples[0]->job)->methods() as $method) {
            $roads = $this->roads($examples, $method, HouseStyle::default());
            if ($roads !== null) {
                $ways[] = [$this->count($examples, $roads), $method];
            }
        }
        usort($ways, static fn(array $one, array $other): int => $other[0] <=> $one[0]);

        return array_map(static fn(array $way): Method => $way[1], \array_slice($ways, 0, self::WAYS));
    }

    /** @param non-empty-list<Example> $examples */
    private function searched(array $examples, Method $method): HouseStyle
    {
        $style = HouseStyle::default();
        $values = $this->touching($examples, $method, $style);
        $score = $this->scored($examples, $method, $style) ?? [0, \PHP_INT_MAX];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $best = null;
            foreach ($values as [$key, $value]) {
                $other = $style->with($key, $value);
                $own = $this->scored($examples, $method, $other);
                if ($own !== null && self::isBetter($own, $best[0] ?? $score)) {
                    $best = [$own, $other];
                }
            }
            if ($best === null) {
                break;
            }
            [$score, $style] = $best;
            // What is set may open a road on which other keys begin to count.
            $values = $this->touching($examples, $method, $style);
        }

        return $style;
    }

    /**
     * @param non-empty-list<Example> $examples
     *
     * @return list<array{string, string}> key and value
     */
    private function touching(array $examples, Method $method, HouseStyle $style): array
    {
        return self::on($examples, $method)->values($style);
    }

    /** @param non-empty-list<Example> $examples */
    private static function on(array $examples, Method $method): Touching
    {
        return new Touching(array_map(static fn(Example $example): Problem => $example->problem, $examples), $method);
    }

    /**
     * @param non-empty-list<Example> $examples
     *
     * @return array{int, int}|null how many lines are won, and how far ours are from theirs; null where it is no way
     */
    private function scored(array $examples, Method $method, HouseStyle $style): ?array
    {
        $roads = $this->roads($examples, $method, $style);
        if ($roads === null) {
            return null;
        }
        [$won, $left] = [0, 0];
        foreach ($examples as $place => $example) {
            $matched = $this->matched($example, $roads[$place]);
            $won += \count($matched);
            $left += $roads[$place]->count() - \count($matched);
            foreach ($matched as $own => $road) {
                $isWritten = str_contains($example->lines[$own]->typed, '±');
                $left += $isWritten === $roads[$place]->hasBothSigns($road) ? 0 : self::OTHER_SIGNS;
            }
        }

        return [$won, $left];
    }

    /**
     * @param array{int, int} $one
     * @param array{int, int} $other
     */
    private static function isBetter(array $one, array $other): bool
    {
        return $one[0] > $other[0] || ($one[0] === $other[0] && $one[1] < $other[1]);
    }

    /** @return array{int, int} */
    private function score(Learned $learned): array
    {
        $method = $this->catalogue->families->of($learned->job)->methods();
        foreach ($method as $way) {
            if ($way->id() === $learned->method && $learned->examples !== []) {
                return $this->scored($learned->examples, $way, $learned->style) ?? [0, \PHP_INT_MAX];
            }
        }

        return [0, \PHP_INT_MAX];
    }

    /**
     * @param non-empty-list<Example> $examples
     *
     * @return non-empty-list<Road>|null null where one of them cannot go this way
     */
    private function roads(array $examples, Method $method, HouseStyle $style): ?array
    {
        return self::on($examples, $method)->roads($style);
    }

    /**
     * @param non-empty-list<Example> $examples
     * @param non-empty-list<Road>    $roads
     */
    private function count(array $examples, array $roads): int
    {
        $count = 0;
        foreach ($examples as $place => $example) {
            $count += \count($this->matched($example, $roads[$place]));
        }

        return $count;
    }

    /** @return array<int, int> the places of an example's lines that a road writes, each with its place on the road */
    private function matched(Example $example, Road $road): array
    {
        $sound = $example->sound();
        $theirs = array_map(
            static fn(MarkedLine $line): string => $line->node === null ? '' : Road::written($line->node),
            array_map(static fn(int $place): MarkedLine => $example->lines[$place], $sound),
        );

        $matched = [];
        foreach ($road->matched($theirs) as $place => $own) {
            $matched[$sound[$place]] = $own;
        }

        return $matched;
    }

    /** @param non-empty-list<Example> $examples */
    private function learned(array $examples, Method $method, HouseStyle $style): Learned
    {
        $roads = $this->roads($examples, $method, $style) ?? [];
        $matched = [];
        foreach ($examples as $place => $example) {
            $matched[] = isset($roads[$place]) ? $this->matched($example, $roads[$place]) : [];
        }

        return new Learned(
            $examples,
            $method->job(),
            $method->id(),
            $style,
            $matched,
            \count($examples) > 1 ? $this->contradicted($examples, $method, $style) : [],
        );
    }

    /**
     * The keys that one example alone would have set otherwise, and would have won lines by.
     *
     * @param non-empty-list<Example> $examples
     *
     * @return list<string>
     */
    private function contradicted(array $examples, Method $method, HouseStyle $style): array
    {
        $keys = [];
        foreach ($examples as $example) {
            $score = $this->scored([$example], $method, $style);
            foreach ($this->touching([$example], $method, $style) as [$key, $value]) {
                $own = $this->scored([$example], $method, $style->with($key, $value));
                if ($own !== null && $score !== null && $own[0] > $score[0]) {
                    $keys[$key] = true;
                }
            }
        }

        return array_keys($keys);
    }
}
