<?php

declare(strict_types=1);

namespace Runel\Ladder;

/**
 * The rungs of a skill. A ladder makes candidates at will; whether one belongs to a rung is read off its demonstration,
 * never assumed.
 */
abstract class Ladder
{
    abstract public function skill(): string;

    abstract public function job(): string;

    /** The method by which its problems are worked where nothing else is wished for. */
    abstract public function method(): string;

    /** @return non-empty-list<Difficulty> what each rung after the first adds, in their order */
    abstract protected function adding(): array;

    /** A problem that may be one of a rung; null where the throw came to nothing. */
    abstract public function candidate(Rung $rung, Throws $throws): ?string;

    /** @return list<Difficulty> what a problem of this kind has, in any order */
    abstract public function traits(Seen $seen): array;

    /** @return list<Difficulty> what goes when a rung adds something that excludes it */
    protected function dropping(Difficulty $added): array
    {
        return [];
    }

    /** @return non-empty-list<Rung> from the simplest up */
    final public function rungs(): array
    {
        $traits = [];
        $rungs = [new Rung(1, null, [])];
        foreach ($this->adding() as $place => $difficulty) {
            $dropped = $this->dropping($difficulty);
            $traits = [...array_values(array_filter(
                $traits,
                static fn(Difficulty $own): bool => !\in_array($own, $dropped, true),
            )), $difficulty];
            $rungs[] = new Rung($place + 2, $difficulty, $traits);
        }

        return $rungs;
    }

    /** Whether a problem has exactly what a rung asks for. */
    final public function fits(Rung $rung, Seen $seen): bool
    {
        return self::names($rung->traits) === self::names($this->traits($seen));
    }

    /**
     * @param list<Difficulty> $traits
     *
     * @return list<string> in alphabetical order
     */
    private static function names(array $traits): array
    {
        $names = array_map(static fn(Difficulty $one): string => $one->value, $traits);
        sort($names);

        return $names;
    }

    /**
     * @param array<string, bool> $found by the difficulty's name
     *
     * @return list<Difficulty>
     */
    final protected static function found(array $found): array
    {
        return array_map(
            static fn(string $name): Difficulty => Difficulty::from($name),
            array_keys(array_filter($found)),
        );
    }
}
