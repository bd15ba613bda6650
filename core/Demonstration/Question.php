<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Expression\Expression;
use Runel\Message\Message;

/** What to ask before a step is shown, and what counts as an answer. */
final readonly class Question
{
    /**
     * @param list<Expression>  $accepted    any of these; for a pair, the two in either order
     * @param list<LikelyWrong> $likelyWrong
     * @param bool              $formMatters whether the answer must also be written as the accepted one is
     */
    private function __construct(
        public Message $prompt,
        public AnswerKind $kind,
        public array $accepted,
        public bool $formMatters,
        public array $likelyWrong,
    ) {}

    /** @param list<LikelyWrong> $likelyWrong */
    public static function expression(Message $prompt, Expression $accepted, array $likelyWrong = []): self
    {
        return new self($prompt, AnswerKind::Expression, [$accepted], false, $likelyWrong);
    }

    /**
     * A question whose point is how the answer is written: it must be collected and in falling powers, or factored.
     *
     * @param list<LikelyWrong> $likelyWrong
     */
    public static function form(Message $prompt, Expression $accepted, array $likelyWrong = []): self
    {
        return new self($prompt, AnswerKind::Expression, [$accepted], true, $likelyWrong);
    }

    /** @param list<LikelyWrong> $likelyWrong */
    public static function number(Message $prompt, Expression $accepted, array $likelyWrong = []): self
    {
        return new self($prompt, AnswerKind::Number, [$accepted], false, $likelyWrong);
    }

    /** Two values, in either order, typed with "and" or a comma between them. */
    public static function pair(Message $prompt, Expression $first, Expression $second): self
    {
        return new self($prompt, AnswerKind::Pair, [$first, $second], false, []);
    }
}
