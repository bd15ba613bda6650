<?php

declare(strict_types=1);

namespace Runel\Learning;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Link;
use Runel\Expression\Alternatives;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Rewriter;
use Runel\Notation\Ascii;
use Runel\Notation\BothSigns;

/** The lines of a demonstration as they would be typed, one after another: what an example is held against. */
final readonly class Road
{
    /**
     * @param list<string> $lines
     * @param list<bool>   $signs of each whether it is written with ±
     */
    private function __construct(private array $lines, private array $signs) {}

    public static function of(Demonstration $demonstration): self
    {
        $lines = [];
        $signs = [];
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                if ($line->link !== Link::Given) {
                    $lines[] = self::written($line->node);
                    $signs[] = self::isWithBothSigns($line->node);
                }
            }
        }

        return new self($lines, $signs);
    }

    /** A line without its marks, in one spelling. */
    public static function written(Node $node): string
    {
        // A minus that begins a product is one of the product, or of its first factor: nobody sees which.
        $node = Rewriter::everywhere(Rewriter::unmarked($node), static fn(Node $part): ?Node =>
            $part instanceof Product && $part->factors[0] instanceof Negative
                ? new Negative(Product::apart([
                    $part->factors[0]->operand,
                    ...\array_slice($part->factors, 1),
                ]))
                : null);

        // Which of two solutions is named first says nothing of the road.
        if ($node instanceof Alternatives) {
            $parts = array_map(Ascii::write(...), $node->equations);
            sort($parts);

            return implode(' or ', $parts);
        }

        return Ascii::write($node);
    }

    public function equals(self $other): bool
    {
        return $this->lines === $other->lines && $this->signs === $other->signs;
    }

    /** Whether a line of this road is written with ±. */
    public function hasBothSigns(int $place): bool
    {
        return $this->signs[$place] ?? false;
    }

    private static function isWithBothSigns(Node $node): bool
    {
        return $node instanceof Alternatives && !$node->apart && \count($node->equations) === 2
            && BothSigns::together($node->equations[0], $node->equations[1]) !== null;
    }

    public function count(): int
    {
        return \count($this->lines);
    }

    /**
     * Which of some lines stand on this road, in their order: the longest common subsequence, by Wagner and Fischer.
     *
     * @param list<string> $theirs
     *
     * @return array<int, int> the place on this road by theirs
     */
    public function matched(array $theirs): array
    {
        $lengths = [array_fill(0, \count($this->lines) + 1, 0)];
        foreach ($theirs as $place => $line) {
            $row = [0];
            foreach ($this->lines as $at => $own) {
                $row[] = $line === $own ? $lengths[$place][$at] + 1 : max($row[$at], $lengths[$place][$at + 1]);
            }
            $lengths[] = $row;
        }
        $places = [];
        $at = \count($this->lines);
        for ($place = \count($theirs); $place > 0 && $at > 0;) {
            if ($theirs[$place - 1] === $this->lines[$at - 1]) {
                $places[--$place] = --$at;
            } elseif ($lengths[$place - 1][$at] >= $lengths[$place][$at - 1]) {
                --$place;
            } else {
                --$at;
            }
        }

        ksort($places);

        return $places;
    }
}
