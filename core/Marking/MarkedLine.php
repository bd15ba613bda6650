<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Message\Message;
use Runel\Slip\Slip;

/** A learner's line and what is said of it. */
final readonly class MarkedLine
{
    /** Said of right lines, too. */
    private const TOLD = [
        'marking.read-as', 'marking.read-decimal', 'marking.read-thousands', 'marking.standing-seen', 'marking.adds',
        'marking.adds-formula', 'marking.positive',
        'marking.coincidence', 'marking.coincidence-only', 'marking.set-to-zero', 'marking.zeros-not-asked',
        'marking.standing', 'marking.standing-together',
    ];
    /** Said of what stands beside the work and is neither true nor false. */
    private const NOTES = ['marking.beside', 'marking.set-to-zero', 'marking.zeros-not-asked'];

    /**
     * @param string      $typed      as it was typed
     * @param Node|null   $node       what it says; null where it cannot be read, or says that there is no solution or
     *                                that all numbers are
     * @param bool        $holds      whether it is still true to the problem
     * @param Message     $say        what a tutor is told
     * @param Message     $hint       what a learner is told, who is to find it
     * @param Node|null   $shown      the line with the place of the slip marked, where one can be singled out
     * @param int|null    $at         the character at which an unreadable line breaks, from 1
     * @param string|null $branch     the branch it stands on, counted from 1, behind those that one stands on: 2.1
     * @param bool        $extraneous whether it lets in what does not solve the line before, by a move that may do so
     * @param bool        $isLookedAt whether there was work left to judge it
     * @param string|null $kind       what side work or a word is: word, check, definition, product, division, margin,
     *                                substitution
     * @param int|null    $rounded    to how many places its numbers are rounded
     * @param list<Slip>  $slips      where two were made in the one line, both of them
     */
    public function __construct(
        public string $typed,
        public ?Node $node,
        public LineVerdict $verdict,
        public bool $holds,
        public Message $say,
        public Message $hint,
        public ?Slip $slip = null,
        public ?int $at = null,
        public ?Difference $differs = null,
        public ?Node $shown = null,
        public ?string $branch = null,
        public bool $extraneous = false,
        public bool $isLookedAt = true,
        public ?string $kind = null,
        public ?int $rounded = null,
        public array $slips = [],
    ) {}

    /** A line of which nothing more is to be said than its verdict, and what it is to the line it goes on from. */
    public static function plain(
        string $typed,
        ?Node $node,
        LineVerdict $verdict,
        bool $holds,
        ?string $branch = null,
        Relation $relation = Relation::Follows,
    ): self {
        $isSound = $verdict === LineVerdict::Follows || $verdict === LineVerdict::FollowsWrong;
        $say = Message::of(match (true) {
            // In a formula nobody arrives at values that could be tried.
            $isSound && $relation === Relation::Adds && self::isFormula($node) => 'marking.adds-formula',
            $isSound && $relation === Relation::Adds => 'marking.adds',
            $isSound && $relation === Relation::Positive => 'marking.positive',
            $verdict === LineVerdict::Follows && $branch !== null => 'marking.branch',
            default => "marking.$verdict->value",
        });

        return new self($typed, $node, $verdict, $holds, $say, $say, branch: $branch, extraneous: $isSound
            && $relation === Relation::Adds);
    }

    /** The same line, its value written rounded as well. */
    public function rounding(int $places): self
    {
        return $this->with($this->say, $places);
    }

    /** The same line, with more to be said of it. */
    public function telling(Message $say): self
    {
        return $this->with($say, $this->rounded);
    }

    private function with(Message $say, ?int $places): self
    {
        return new self(
            $this->typed,
            $this->node,
            $this->verdict,
            $this->holds,
            $say,
            $say === $this->say ? $this->hint : $say,
            $this->slip,
            $this->at,
            $this->differs,
            $this->shown,
            $this->branch,
            $this->extraneous,
            $this->isLookedAt,
            $this->kind,
            $places,
            $this->slips,
        );
    }

    /** Which sign stands beside it: its verdict, or "note" where it says nothing that could be true or false. */
    public function sign(): string
    {
        return \in_array($this->say->key, self::NOTES, true) ? 'note' : $this->verdict->value;
    }

    /** Whether more is to be told than its verdict: what is wrong, or in which way it is right. */
    public function tellsMore(): bool
    {
        return !\in_array($this->verdict, [LineVerdict::Follows, LineVerdict::Side], true)
            || $this->rounded !== null || \in_array($this->say->key, self::TOLD, true);
    }

    private static function isFormula(?Node $node): bool
    {
        return $node !== null && \count(Letters::of($node)) > 1;
    }
}
