<?php

declare(strict_types=1);

namespace App\Slates;

use Runel\Demonstration\AnswerKind;
use Runel\Demonstration\Question;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Judging\Judge;
use Runel\Judging\Values;
use Runel\Judging\Verdict;
use Runel\Message\Refusal;
use Runel\Notation\Ascii;
use Runel\Number\DivisionByZero;
use Runel\Parsing\Parser;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Slip\WrongRule;

/** One answer, judged; and what it is alike to: the same value, written the same way where that is the point. */
final readonly class Heard
{
    private const LONGEST_KEY = 380;

    private function __construct(public Verdict $verdict, public string $alike, public bool $isRead) {}

    /**
     * @param list<WrongRule> $rules how people slip in the job that asks
     * @param Node            $asked the problem: what has other letters is taken for a word, which is not to be shown
     */
    public static function of(Question $question, string $typed, array $rules, Node $asked): self
    {
        $verdict = Judge::verdict($question, $typed, $rules);
        if ($verdict->right) {
            return new self($verdict, 'right', true);
        }
        $several = \in_array($question->kind, [AnswerKind::Pair, AnswerKind::Solutions], true);
        $parts = $several ? Values::apart(trim($typed, " ()\t\n")) : [$typed];
        $keys = [];
        foreach ($parts as $part) {
            try {
                $node = Rewriter::unmarked(Parser::parse($part)->node);
            } catch (Refusal) {
                return new self($verdict, 'unread', false);
            }
            if (!self::isAbout($node, $asked)) {
                return new self($verdict, 'unread', false);
            }
            $keys[] = self::value($node) . ($question->formMatters ? ' as ' . Ascii::write($node) : '');
        }
        sort($keys);
        $key = implode('; ', $keys);

        return new self($verdict, mb_strlen($key) > self::LONGEST_KEY ? hash('xxh128', $key) : $key, true);
    }

    /** Whether it has no letters but the problem's: anything else could be a word, which is nobody's to see. */
    public static function isAbout(Node $node, Node $asked): bool
    {
        return array_diff_key(Letters::of($node), Letters::of($asked)) === [];
    }

    /** Equal values have equal keys: what can be collected is. */
    private static function value(Node $node): string
    {
        if ($node instanceof Equation) {
            return self::value($node->left) . ' = ' . self::value($node->right);
        }
        try {
            return Ascii::write(
                $node instanceof Expression ? Polynomial::fromExpression($node)->toExpression() : $node,
            );
        } catch (NotPolynomial | DivisionByZero | Refusal) {
            return Ascii::write($node);
        }
    }
}
