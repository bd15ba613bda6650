<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Claim\Claim;
use Runel\Claim\Identity;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Slip\LikelyWrong;

/** What to ask before a step is shown, and what counts as an answer. What is accepted is part of something proved. */
final readonly class Question
{
    /**
     * @param list<Expression>      $accepted    any of these; for a pair, the two in either order
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
}
