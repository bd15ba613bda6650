<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Expression\Node;

/** What the wrong rules of a job make of the lines of one task, worked out once for all the work that is compared. */
final class KeptOutcomes
{
    /** @var \SplObjectStorage<Node, \ArrayObject<int, array{WrongRule, Node}>> as far as anybody has asked */
    private \SplObjectStorage $known;
    /** @var \SplObjectStorage<Node, \Generator<mixed, array{WrongRule, Node}>> where it goes on */
    private \SplObjectStorage $open;

    /** @param list<WrongRule> $rules */
    public function __construct(private readonly array $rules)
    {
        $this->known = new \SplObjectStorage();
        $this->open = new \SplObjectStorage();
    }

    /** @return iterable<array{WrongRule, Node}> */
    public function of(Node $line): iterable
    {
        if (!isset($this->open[$line])) {
            $this->known[$line] = new \ArrayObject();
            $this->open[$line] = (fn(): \Generator => yield from WrongRules::outcomes($this->rules, $line))();
        }
        $known = $this->known[$line];
        $open = $this->open[$line];
        $place = 0;
        while (true) {
            $next = $known[$place] ?? $open->current();
            if ($next === null) {
                return;
            }
            if ($place === \count($known)) {
                $known[] = $next;
                $open->next();
            }
            ++$place;
            yield $next;
        }
    }
}
