<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Task;
use Runel\Expression\Node;
use Runel\Ladder\Ladder;
use Runel\Message\Message;
use Runel\Problem\Problem;
use Runel\Slip\WrongRule;

/** One job with all there is to it: when it is meant, the ways to do it, how it goes wrong, when it is done. */
interface Family
{
    /** The job's id in the contract. */
    public function job(): string;

    /** How likely the job is meant, one of the constants of Weight; the problem has at least one letter. */
    public function weight(Problem $problem): int;

    /** @return list<Method> in the order in which they are offered when nothing else decides */
    public function methods(): array;

    /**
     * Where an offer stands among those that fit: the smaller comes first, compared number by number.
     *
     * @return list<int>
     */
    public function rank(Offer $offer, Task $task): array;

    /** @return list<Choice> what the tutor can choose about this job */
    public function choices(): array;

    /** @return list<WrongRule> how people slip, the likeliest first */
    public function rules(): array;

    /** What a true last line still lacks to be the job's answer, by its form; null where it lacks nothing. */
    public function wants(Node $line, Problem $problem): ?Wanting;

    /** Whether the answer is what solves the problem: then every solution has to be there, and none besides. */
    public function seeksSolutions(Problem $problem): bool;

    /** @return list<Ladder> in the order in which they are taught */
    public function ladders(): array;

    /** What to say where the job is asked of a problem that has it not. */
    public function notThere(Problem $problem): Message;

    /** Why none of the ways leads to an answer, seen from the problem; null where nothing in it tells. */
    public function reason(Problem $problem): ?Message;

    /**
     * How good a method is as help for somebody who goes on from a line of their own.
     *
     * @param bool $isWhole whether its next line is the answer already
     */
    public function help(string $method, bool $isWhole): Help;
}
