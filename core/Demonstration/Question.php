<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Claim\Claim;
use Runel\Claim\Identity;
use Runel\Claim\SameSolutions;
use Runel\Claim\Solves;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Message\Message;
use Runel\Slip\LikelyWrong;

/** What to ask before a step is shown, and what counts as an answer. What is accepted is part of something proved. */
final readonly class Question
{
    /**
     * @param list<Node>            $accepted    any of these; for a pair or solutions, all of them in any order
     * @param non-empty-list<Claim> $claims      what makes them right; each accepted answer is a part of one
     * @param list<LikelyWrong>     $likelyWrong
     * @param bool                  $formMatters whether the answer must also be written as the accepted one is
     */
    private function __construct(
        public Message $prompt,
        public AnswerKind $kind,
        public array $accepted,
        public array $claims,
        public bool $formMatters,
        public array $likelyWrong,
        public ?string $letter = null,
    ) {}

    /**
     * The question a line of side work answers: what its right side is.
     *
     * @param list<LikelyWrong> $likelyWrong
     */
    public static function about(Line $line, Message $prompt, array $likelyWrong = []): self
    {
        $equation = $line->node instanceof Equation ? $line->node : throw new \LogicException(
            'Only an equation answers a question.',
        );

        return self::expression($prompt, new Identity(
            $equation->left,
            $equation->right,
        ), $equation->right, $likelyWrong);
    }

    /** @param list<LikelyWrong> $likelyWrong */
    public static function expression(
        Message $prompt,
        Claim $claim,
        Expression $accepted,
        array $likelyWrong = [],
    ): self {
        return new self($prompt, AnswerKind::Expression, [$accepted], [$claim], false, $likelyWrong);
    }

    /**
     * A question whose point is how the answer is written: it must be collected and in falling powers, or factored.
     *
     * @param list<LikelyWrong> $likelyWrong
     */
    public static function form(Message $prompt, Claim $claim, Expression $accepted, array $likelyWrong = []): self
    {
        return new self($prompt, AnswerKind::Expression, [$accepted], [$claim], true, $likelyWrong);
    }

    /** @param list<LikelyWrong> $likelyWrong */
    public static function number(Message $prompt, Claim $claim, Expression $accepted, array $likelyWrong = []): self
    {
        return new self($prompt, AnswerKind::Number, [$accepted], [$claim], false, $likelyWrong);
    }

    /**
     * Two values, in either order, typed with "and" or a comma between them.
     *
     * @param non-empty-list<Claim> $claims
     */
    public static function pair(Message $prompt, array $claims, Expression $first, Expression $second): self
    {
        return new self($prompt, AnswerKind::Pair, [$first, $second], $claims, false, []);
    }

    /** The greatest term that goes into every term of the left side of the identity. */
    public static function greatest(Message $prompt, Identity $claim, Expression $accepted): self
    {
        return new self($prompt, AnswerKind::Common, [$accepted], [$claim], true, []);
    }

    /**
     * A factoring: any of several ways to write it, as the part asked for or as the whole line.
     *
     * @param non-empty-list<Identity> $claims      the right side of each is accepted
     * @param list<LikelyWrong>        $likelyWrong
     */
    public static function factoring(Message $prompt, array $claims, array $likelyWrong = []): self
    {
        $accepted = array_map(static fn(Identity $claim): Expression => $claim->right, $claims);

        return new self($prompt, AnswerKind::Expression, $accepted, $claims, true, $likelyWrong);
    }

    /**
     * An equation in one letter, as it follows from another.
     *
     * @param list<LikelyWrong> $likelyWrong
     */
    public static function equation(Message $prompt, Node $before, Equation $accepted, array $likelyWrong = []): self
    {
        return new self(
            $prompt,
            AnswerKind::Equation,
            [$accepted],
            [new SameSolutions($before, $accepted)],
            true,
            $likelyWrong,
        );
    }

    /**
     * All solutions of an equation.
     *
     * @param non-empty-list<Expression> $solutions
     * @param list<LikelyWrong>          $likelyWrong
     */
    public static function solutions(
        Message $prompt,
        Equation $equation,
        string $letter,
        array $solutions,
        array $likelyWrong = [],
    ): self {
        return new self($prompt, AnswerKind::Solutions, $solutions, array_map(
            static fn(Expression $solution): Solves => new Solves($equation, $letter, $solution),
            $solutions,
        ), false, $likelyWrong, $letter);
    }

    /** What the prompt puts before the reader, where the answer is worked out of it: typing it back is no answer. */
    public function asked(): ?Expression
    {
        $claim = $this->claims[0];

        return $claim instanceof Identity && $this->accepted === [$claim->right] ? $claim->left : null;
    }
}
