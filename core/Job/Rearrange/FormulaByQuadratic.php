<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Algebra\LetteredQuadratic;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Product;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Working\Known;
use Runel\Working\Quadratic\LetteredDemonstration;
use Runel\Working\Quadratic\LetteredFormula;

/** A formula that is a quadratic in the wanted letter, by the quadratic formula, and which of both roots is meant. */
final readonly class FormulaByQuadratic implements Method
{
    public function id(): string
    {
        return 'formula';
    }

    public function job(): string
    {
        return RearrangeFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return self::quadratic($task) === null && ClearedFormula::of($task) === null
            ? new MethodDoesNotApply(Message::of('rearrange.refusal-quadratic'))
            : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $cleared = self::quadratic($task) === null ? ClearedFormula::of($task) : null;
        $quadratic = $cleared->quadratic
            ?? self::quadratic($task)
            ?? throw new \LogicException('No quadratic was not refused.');
        [$sections, $results, $hasRoot] = (new LetteredFormula($cleared->task ?? $task, $quadratic))->work();
        $sections = $cleared === null ? $sections : $cleared->before($sections);
        if (\count($results) === 2) {
            $sections[] = new Section(Phase::Finishing, [self::meant($quadratic, $results[0], $results[1])]);
        }

        return LetteredDemonstration::of($task, $quadratic, $this, $sections, $results, $hasRoot, Message::of(
            'rearrange.advice-quadratic',
            ['letter' => new Letter($quadratic->letter)],
        ));
    }

    private static function quadratic(Task $task): ?LetteredQuadratic
    {
        return $task->problem->node instanceof Equation && $task->problem->subject !== null
            ? Known::lettered($task)
            : null;
    }

    /** Which root is meant, where all the other letters stand for positive numbers: their product and sum tell. */
    private static function meant(LetteredQuadratic $quadratic, Expression $plus, Expression $minus): Step
    {
        [$a, $b, $c] = array_map(self::sign(...), [$quadratic->a, $quadratic->b, $quadratic->c]);
        $product = LetteredDemonstration::over($quadratic->c, $quadratic->a);
        $sum = LetteredDemonstration::over($quadratic->b->negated(), $quadratic->a);
        $case = match (true) {
            $a * $c < 0 => 'one',
            $a * $c > 0 && $a * $b < 0 => 'both',
            $a * $c > 0 && $a * $b > 0 => 'none',
            default => 'open',
        };

        return new Step(
            id: 'meant',
            title: Message::of("rearrange.meant.title-$case"),
            why: Message::of("rearrange.meant.$case", [
                'letter' => new Letter($quadratic->letter),
                ...match ($case) {
                    'one' => ['product' => $product, 'root' => $a > 0 ? $plus : $minus],
                    'open' => [],
                    default => ['product' => $product, 'sum' => $sum],
                },
            ]),
            lines: $case === 'open' ? [] : [Line::side(Product::apart([$plus, $minus]), $product)],
        );
    }

    /** The sign a polynomial has wherever its letters are positive: 1 or −1; 0 where that is not told by its signs. */
    private static function sign(Polynomial $polynomial): int
    {
        $signs = array_unique(array_map(
            static fn(Term $term): int => $term->coefficient->isNegative() ? -1 : 1,
            $polynomial->terms,
        ));

        return \count($signs) === 1 ? $signs[0] : 0;
    }
}
