<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Job\Simplify\Ladder\SimplifyCollectLadder;
use Runel\Job\Simplify\Ladder\SimplifyFractionsLadder;
use Runel\Job\Simplify\Ladder\SimplifyPowersLadder;
use Runel\Job\Simplify\Ladder\SimplifyRadicalsLadder;
use Runel\Judging\Form;
use Runel\Method\CameLater;
use Runel\Method\Method;
use Runel\Method\PlainFamily;
use Runel\Method\Simplifies;
use Runel\Method\TakesNumbers;
use Runel\Method\Wanting;
use Runel\Method\Weight;
use Runel\Problem\Problem;
use Runel\Slip\Rule\AcrossRule;
use Runel\Slip\Rule\ConjugateRule;
use Runel\Slip\Rule\UnlikeExponentsRule;
use Runel\Slip\Slip;
use Runel\Slip\WrongRules;
use Runel\Style\HouseStyle;

/** The ways to write the same more simply. */
final readonly class SimplifyFamily extends PlainFamily implements CameLater, Simplifies, TakesNumbers
{
    public const JOB = 'simplify';

    private Collect $collect;
    /** @var list<Method> */
    private array $methods;

    public function __construct()
    {
        $this->collect = new Collect();
        $this->methods = [$this->collect, new Powers(), new Cancel(), new Combine(), new Radicals()];
    }

    public function job(): string
    {
        return self::JOB;
    }

    public function weight(Problem $problem): int
    {
        $task = new Task($problem, HouseStyle::default());

        return match (true) {
            !$this->applies($task) => Weight::NOT,
            Cancel::isOverNumber($task) => Weight::FIRST,
            Cancel::isReducedFirst($task) => Weight::LIKELY,
            Combine::isOfFractions($task) => Weight::CERTAIN,
            $this->collect->refusal($task) === null => Weight::POSSIBLE,
            default => Weight::ALSO,
        };
    }

    public function weightOfNumbers(Problem $problem): int
    {
        return $this->applies(new Task($problem, HouseStyle::default())) ? Weight::LIKELY : Weight::NOT;
    }

    public function methods(): array
    {
        return $this->methods;
    }

    public function rules(): array
    {
        return [
            new AcrossRule(Slip::FractionsAddedAcross),
            new AcrossRule(Slip::FractionsAddedAcross, 'tops'),
            new ConjugateRule(Slip::ConjugateSign),
            new UnlikeExponentsRule(Slip::UnlikeExponentsAdded),
            new NumberPowersRule(Slip::ExponentsMultiplied),
            new NumberPowersRule(Slip::BasesMultiplied),
            new NumberPowersRule(Slip::QuotientDegree, 'divided'),
            new NumberPowersRule(Slip::ZeroExponent),
            ...WrongRules::fractions(),
            ...WrongRules::products(),
            ...WrongRules::roots(),
        ];
    }

    public function wants(Node $line, Problem $problem): ?Wanting
    {
        return match (true) {
            !$line instanceof Expression => Wanting::Collected,
            $problem->letters === [] && PowerProduct::of($problem->node) !== null =>
                PowerProduct::isDone($line) ? null : Wanting::Collected,
            TermsBelow::of(new Task($problem, HouseStyle::default())) !== null
                && TermsBelow::isCollected($line) => null,
            !Form::isReduced($line) => Wanting::LowestTerms,
            default => Simplest::wants($line),
        };
    }

    public function ladders(): array
    {
        return [
            new SimplifyCollectLadder(),
            new SimplifyPowersLadder(),
            new SimplifyFractionsLadder(),
            new SimplifyRadicalsLadder(),
        ];
    }

    public function simplification(Task $task): ?Demonstration
    {
        foreach ($this->methods as $method) {
            if ($task->problem->node instanceof Expression && $method->refusal($task) === null) {
                return $method->demonstrate($task);
            }
        }

        return null;
    }

    private function applies(Task $task): bool
    {
        if (!$task->problem->node instanceof Expression || $task->problem->isAboutForm()) {
            return false;
        }

        return array_filter(
            $this->methods,
            static fn(Method $method): bool => $method->refusal($task) === null,
        ) !== [];
    }
}
