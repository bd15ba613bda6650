<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Rewriter;
use Runel\Law\Claim\Claim;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\NegativeCount;
use Runel\Law\Claim\SameSolutions;
use Runel\Law\Claim\SolutionCount;
use Runel\Law\Claim\Solves;
use Runel\Message\Message;

/** What to ask before a step is shown, and what counts as an answer. What is accepted is part of something proved. */
final readonly class Question
{
    /**
     * @param list<Node>            $accepted    any of these; for a pair or solutions, all of them in any order
     * @param non-empty-list<Claim> $claims      what makes them right; each accepted answer is a part of one
     * @param bool                  $formMatters whether the answer must also be written as the accepted one is
     * @param Node|null             $counted     of a question for a count, what is counted in
     */
    private function __construct(
        public Message $prompt,
        public AnswerKind $kind,
        public array $accepted,
        public array $claims,
        public bool $formMatters,
        public ?string $letter = null,
        public ?Node $counted = null,
    ) {}

    /**
     * The question a line of side work answers: what its right side is.
     */
    public static function about(Line $line, Message $prompt): self
    {
        $equation = $line->node instanceof Equation ? $line->node : throw new \LogicException(
            'Only an equation answers a question.',
        );

        return self::expression($prompt, new Identity(
            $equation->left,
            $equation->right,
        ), $equation->right);
    }

    public static function expression(
        Message $prompt,
        Claim $claim,
        Expression $accepted,
    ): self {
        return new self($prompt, AnswerKind::Expression, [$accepted], [$claim], false);
    }

    /**
     * A question whose point is how the answer is written: it must be collected and in falling powers, or factored.
     */
    public static function form(Message $prompt, Claim $claim, Expression $accepted): self
    {
        return new self($prompt, AnswerKind::Expression, [$accepted], [$claim], true);
    }

    public static function number(Message $prompt, Claim $claim, Expression $accepted): self
    {
        return new self($prompt, AnswerKind::Number, [$accepted], [$claim], false);
    }

    /**
     * Two values, in either order, typed with "and" or a comma between them.
     *
     * @param non-empty-list<Claim> $claims
     */
    public static function pair(Message $prompt, array $claims, Expression $first, Expression $second): self
    {
        return new self($prompt, AnswerKind::Pair, [$first, $second], $claims, false);
    }

    /** The greatest term that goes into every term of the left side of the identity. */
    public static function greatest(Message $prompt, Identity $claim, Expression $accepted): self
    {
        return new self($prompt, AnswerKind::Common, [$accepted], [$claim], true);
    }

    /**
     * A factoring: any of several ways to write it, as the part asked for or as the whole line.
     *
     * @param non-empty-list<Identity> $claims the right side of each is accepted
     */
    public static function factoring(Message $prompt, array $claims): self
    {
        $accepted = array_map(static fn(Identity $claim): Expression => $claim->right, $claims);

        return new self($prompt, AnswerKind::Expression, $accepted, $claims, true);
    }

    /**
     * An equation in one letter, as it follows from another.
     */
    public static function equation(Message $prompt, Node $before, Equation $accepted): self
    {
        return new self(
            $prompt,
            AnswerKind::Equation,
            [$accepted],
            [new SameSolutions($before, $accepted)],
            true,
        );
    }

    /**
     * All solutions of an equation.
     *
     * @param non-empty-list<Expression> $solutions
     */
    public static function solutions(
        Message $prompt,
        Equation $equation,
        string $letter,
        array $solutions,
    ): self {
        return new self($prompt, AnswerKind::Solutions, $solutions, array_map(
            static fn(Expression $solution): Solves => new Solves($equation, $letter, $solution),
            $solutions,
        ), false, $letter);
    }

    /**
     * How many places something needs.
     *
     * @param Expression $counted a polynomial, or a product of polynomials
     */
    public static function count(Message $prompt, Identity $claim, Expression $accepted, Expression $counted): self
    {
        return new self($prompt, AnswerKind::Number, [$accepted], [$claim], false, null, $counted);
    }

    /** How many of two numbers with a given product and sum are negative. */
    public static function howManyNegative(Message $prompt, Expression $product, Expression $sum, int $count): self
    {
        $claim = new NegativeCount($product, $sum, Numeral::of($count));

        return new self($prompt, AnswerKind::Number, [$claim->count], [$claim], false);
    }

    /** How many real solutions an equation has. */
    public static function howMany(Message $prompt, Equation $equation, int $count): self
    {
        $claim = new SolutionCount($equation, Numeral::of($count));

        return new self($prompt, AnswerKind::Number, [$claim->count], [$claim], false);
    }

    /** @return list<Node> what the answer is worked out of */
    public function subjects(): array
    {
        return array_values(array_filter(array_map(static fn(Claim $claim): ?Node => match (true) {
            $claim instanceof Identity => Rewriter::unmarked($claim->left),
            $claim instanceof SameSolutions => $claim->before,
            $claim instanceof Solves => $claim->equation,
            default => null,
        }, $this->claims)));
    }

    /** What the prompt puts before the reader, where the answer is worked out of it: typing it back is no answer. */
    public function asked(): ?Expression
    {
        $claim = $this->claims[0];

        return $claim instanceof Identity && $this->accepted === [$claim->right] ? $claim->left : null;
    }
}
