<?php

declare(strict_types=1);

namespace Runel\Audit;

use Runel\Demonstration\Answer\AnswerType;
use Runel\Demonstration\Check;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\Lights;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Law\Claim\Claim;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\NoSolution;
use Runel\Proof\Entailment;
use Runel\Proof\Proof;

/**
 * The independent judge. It knows nothing of how a demonstration was made: it walks every line, figure, question,
 * check and answer, and puts what each claims to the proof. What claims nothing is rejected.
 */
final class Auditor
{
    /** @var list<string> */
    private array $faults = [];
    private readonly Proof $proof;
    private readonly AuditTrail $trail;
    private bool $hasResult = false;

    private function __construct(private readonly Demonstration $demonstration)
    {
        $this->proof = new Proof(null, $demonstration->task->problem->rootIndex());
        $this->trail = new AuditTrail();
    }

    /** @throws Unproved when anything does not follow */
    public static function approve(Demonstration $demonstration): void
    {
        $faults = self::faults($demonstration);
        if ($faults !== []) {
            throw new Unproved($demonstration, $faults);
        }
    }

    /** @return list<string> what does not follow, in plain words; empty when everything does */
    public static function faults(Demonstration $demonstration): array
    {
        $auditor = new self($demonstration);
        $auditor->judgeSteps();
        $auditor->judgeAnswer();
        $auditor->judgeChecks();

        return $auditor->faults;
    }

    private function judgeSteps(): void
    {
        $figure = null;
        $tied = new Tied();
        $ids = [];
        foreach ($this->demonstration->sections as $section) {
            $last = null;
            foreach ($section->steps as $step) {
                $this->expect(!isset($ids[$step->id]), $step->id, 'stands twice');
                $ids[$step->id] = true;
                foreach ($step->lines as $line) {
                    $this->judgeLine($line, $step->id);
                }
                if ($step->figure !== null && $step->figure !== $figure) {
                    $tied = $this->judgeFigure($step->figure, $figure, $step->id, $tied);
                    $last = $figure = $step->figure;
                }
                if ($step->aside !== null) {
                    $beside = $this->judgeFigure($step->aside, null, $step->id);
                    $this->judgeNumbers($step->aside, $beside, $step->id);
                }
                if ($step->question !== null) {
                    $this->judgeQuestion($step, $step->question);
                }
            }
            if ($last !== null) {
                $this->judgeNumbers($last, $tied, $section->phase->value);
            }
        }
    }

    private function judgeLine(Line $line, string $where): void
    {
        $before = $this->trail->before($line);
        $verdict = match (true) {
            $line->link === Link::Given => $before === null && $line->node->equals(
                $this->demonstration->task->problem->node,
            ),
            $line->link === Link::Side => $line->node instanceof Equation && $line->branch === null && $this->isTrue(
                $line->node->left,
                $line->node->right,
            ),
            $before === null => false,
            default => $this->follows($before, $line),
        };
        $this->expect($verdict, $where, $line->link->value, 'does not follow');
        $this->expect(
            $line->link === Link::Given || Placeholders::stand($line->node),
            $where,
            'a missing power stands in the wrong place',
        );
        if ($line->link === Link::Side) {
            return;
        }
        $this->trail->add($line);
        if ($line->rejected !== null) {
            $this->expect($this->isRejectable($line->node), $where, 'rejected without reason');
        }
        if ($line->link === Link::Result && $line->branch === null) {
            $this->hasResult = $this->hasResult || $this->isAnswer($line->node);
        }
    }

    /** What is struck out solves nothing: put into the problem it fails, or it has no solution itself. */
    private function isRejectable(Node $node): bool
    {
        $problem = $this->demonstration->task->problem->node;

        return $node instanceof Equation && (
            ($node->left instanceof Letter && $problem instanceof Equation && $this->proof->holds(
                new DoesNotSolve($problem, $node->left->name, $node->right),
            ))
            || $this->proof->holds(new NoSolution($node))
        );
    }

    private function follows(Node $before, Line $line): bool
    {
        $verdict = $this->proof->follows($before, $line->node, $line->move);

        return match ($line->link) {
            Link::Equal => $verdict === Entailment::Same && $line->node instanceof Expression,
            Link::Equivalent => $line->move !== null
                && $verdict->keepsSolutions()
                && !$line->node instanceof Expression,
            Link::Implies => $line->move !== null && ($verdict->keepsSolutions() || $verdict === Entailment::Implies),
            Link::Result => $line->node instanceof Expression ? $verdict === Entailment::Same : $line->move !== null
                && $verdict->keepsSolutions(),
            Link::Given, Link::Side => false,
        };
    }

    /** Whether a line says the answer; of a factored equation it says that the answer is 0. */
    private function isAnswer(Node $node): bool
    {
        $answer = $this->demonstration->answer->node();
        $zero = $node instanceof Equation && $answer instanceof Expression && $this->isTrue(
            $node->right,
            Numeral::of(0),
        );

        return ($zero ? $node->left : $node)->equals($answer);
    }

    /**
     * @param Figure|null $before the figure it may have grown from
     * @param Tied|null   $known  what the claims of that one speak of
     *
     * @return Tied what its own claims speak of, those of what it has grown from among them
     */
    private function judgeFigure(Figure $figure, ?Figure $before, string $where, ?Tied $known = null): Tied
    {
        $grows = $before !== null && $before::class === $figure::class && $before->ground() === $figure->ground();
        $tied = $grows && $known !== null ? $known : new Tied();
        $new = $grows ? array_diff_key($figure->written(), $before->written()) : $figure->written();
        foreach (array_keys($new) as $part) {
            $claims = $figure->claims($part);
            $this->expect($claims !== [], $where, 'figure', $part, 'claims nothing');
            foreach ($claims as $claim) {
                $this->expectClaim($claim, !$grows, $where, 'figure', $part);
                $tied->add($claim);
            }
        }
        if ($grows && $figure instanceof Lights) {
            $unlit = array_diff_key(array_intersect_key($new, $figure->lightable()), $figure->lit());
            $this->expect($unlit === [], $where, 'what was written is not lit');
        }

        return $tied;
    }

    /** Every expression and every number a figure shows has to be part of something it claims. */
    private function judgeNumbers(Figure $figure, Tied $tied, string $where): void
    {
        foreach ($figure->data() as $name => $value) {
            $this->expect($tied->holds((string) $name, $value), $where, (string) $name, 'is tied to nothing');
        }
    }

    private function judgeQuestion(Step $step, Question $question): void
    {
        foreach ($question->claims as $claim) {
            $this->expectClaim($claim, false, $step->id, 'question');
        }
        foreach ($question->accepted as $accepted) {
            $this->expect(Tied::isPart(
                $accepted,
                $question->claims,
            ), $step->id, 'the accepted answer is part of nothing proved');
        }
        $this->expect($question->accepted !== [], $step->id, 'no answer is accepted');
    }

    private function judgeChecks(): void
    {
        $checks = $this->demonstration->checks();
        $this->expect($checks !== [], 'there is no check');
        foreach ($checks as $check) {
            $this->judgeCheck($check, $check->kind->value);
        }
    }

    private function judgeCheck(Check $check, string $where): void
    {
        $this->expect($check->lines !== [], $where, 'check without lines');
        foreach ($check->lines as $line) {
            $this->expect($line->link === Link::Side, $where, 'a line is no side work');
            $this->judgeLine($line, $where);
        }
        if ($check->figure !== null) {
            $this->judgeFigure($check->figure, null, $where);
        }
        $this->expect($check->holds, $where, 'check does not hold');
    }

    private function judgeAnswer(): void
    {
        // Where every candidate is struck out, that is what the lines say.
        $isNone = $this->demonstration->answer->type() === AnswerType::None && $this->trail->isDead();
        $this->expect($this->hasResult || $isNone, 'no line says the answer');
        $claims = $this->demonstration->answer->claims($this->demonstration->task->problem->node);
        $this->expect($claims !== [], 'the answer claims nothing');
        foreach ($claims as $claim) {
            $this->expectClaim($claim, false, 'the answer');
        }
    }

    /**
     * @param bool $places whether placeholders may stand in it: they come with a figure's first state, and in lines
     */
    private function expectClaim(Claim $claim, bool $places, string ...$where): void
    {
        $holds = $this->proof->holds($claim);
        if ($holds && $claim instanceof Identity) {
            $holds = Placeholders::agree($claim->left, $claim->right)
                && (!$places || (Placeholders::stand($claim->left) && Placeholders::stand($claim->right)));
        }
        if (!$holds) {
            $kind = (new \ReflectionClass($claim))->getShortName();
            $this->faults[] = implode(': ', [...$where, "a claim does not hold ($kind)"]);
        }
    }

    private function isTrue(Expression $left, Expression $right): bool
    {
        return $this->proof->same($left, $right);
    }

    /** The words are put together only where something is at fault, which is hardly ever. */
    private function expect(bool $holds, string ...$fault): void
    {
        if (!$holds) {
            $this->faults[] = implode(': ', $fault);
        }
    }
}
