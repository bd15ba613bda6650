<?php

declare(strict_types=1);

namespace Runel\Learning;

use Runel\Style\HouseStyle;

/** What some examples have taught: the way they go, the habits that write their lines, and what is left over. */
final readonly class Learned
{
    /**
     * @param list<Example>         $examples
     * @param string                $method       the way all of them go, as near as there is one
     * @param HouseStyle            $style        the habits that write most of their lines
     * @param list<array<int, int>> $matched      of each example the places of the lines that this road writes, and of
     *                                            its lines
     * @param list<string>          $contradicted keys of which the examples show different values
     */
    public function __construct(
        public array $examples,
        public string $job,
        public string $method,
        public HouseStyle $style,
        public array $matched,
        public array $contradicted,
    ) {}

    /** How many lines are reproduced. */
    public function count(): int
    {
        return array_sum(array_map(\count(...), $this->matched));
    }

    /** How many there are to be reproduced: the wrong ones and those that cannot be read are among them. */
    public function lines(): int
    {
        return array_sum(array_map(static fn(Example $example): int => \count($example->lines), $this->examples));
    }

    /**
     * An example line for line beside the road: equal lines in one row, in the order of both.
     *
     * @return list<array{int|null, int|null}> the places of theirs and of ours
     */
    public function rows(int $example, int $ours): array
    {
        $rows = [];
        $next = 0;
        foreach (array_keys($this->examples[$example]->lines ?? []) as $place) {
            $own = $this->matched[$example][$place] ?? null;
            for (; $own !== null && $next < $own; ++$next) {
                $rows[] = [null, $next];
            }
            $rows[] = [$place, $own];
            $next = $own === null ? $next : $own + 1;
        }
        for (; $next < $ours; ++$next) {
            $rows[] = [null, $next];
        }

        return $rows;
    }

    /** @return list<int> the places of an example's lines that the road does not write */
    public function unmatched(int $example): array
    {
        return array_values(array_diff(
            array_keys($this->examples[$example]->lines ?? []),
            array_keys($this->matched[$example] ?? []),
        ));
    }
}
