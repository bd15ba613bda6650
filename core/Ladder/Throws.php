<?php

declare(strict_types=1);

namespace Runel\Ladder;

/** What the ladders throw for: numbers of a size, with a sign, letters. */
final readonly class Throws
{
    /** Letters that are mistaken for nothing else. */
    private const LETTERS = ['x', 'x', 't', 'n', 'p', 'k', 'm', 'y'];

    /** @param list<string> $letters those wished for; of none, the usual ones */
    public function __construct(private Dice $dice, private array $letters, private int $largest) {}

    public function between(int $least, int $most): int
    {
        return $this->dice->between($least, max($least, $most));
    }

    /** A number from the least up to the most, or up to what is wished for where that is smaller. */
    public function size(int $least, int $most): int
    {
        return $this->between($least, min($most, $this->largest));
    }

    /** The same with either sign. */
    public function signed(int $least, int $most): int
    {
        return $this->size($least, $most) * $this->sign();
    }

    public function sign(): int
    {
        return $this->dice->between(0, 1) === 0 ? 1 : -1;
    }

    public function letter(): string
    {
        return $this->one($this->letters === [] ? self::LETTERS : $this->letters);
    }

    /** @return array{string, string} two different letters, in alphabetical order */
    public function twoLetters(): array
    {
        $first = $this->letter();
        $others = array_values(array_diff(
            \count($this->letters) > 1 ? $this->letters : ['x', 'y', 'a', 'b', 'p', 'q'],
            [$first],
        ));
        $second = $this->one($others === [] ? ['z'] : $others);

        return strcmp($first, $second) < 0 ? [$first, $second] : [$second, $first];
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $choices
     *
     * @return T
     */
    public function one(array $choices): mixed
    {
        return $choices[$this->dice->between(0, \count($choices) - 1)];
    }
}
