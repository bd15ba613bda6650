<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Node;
use Runel\Job\Factor\Ladder\FactorCubesLadder;
use Runel\Job\Factor\Ladder\FactorGroupingLadder;
use Runel\Job\Factor\Ladder\FactorLeadingLadder;
use Runel\Job\Factor\Ladder\FactorMonicLadder;
use Runel\Job\Factor\Ladder\FactorSpecialLadder;
use Runel\Judging\FactorsOf;
use Runel\Message\Refusal;
use Runel\Method\Choice;
use Runel\Method\Help;
use Runel\Method\Method;
use Runel\Method\Offer;
use Runel\Method\PlainFamily;
use Runel\Method\Wanting;
use Runel\Method\WaysToFactor;
use Runel\Method\WaysToMultiply;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Problem\Problem;
use Runel\Slip\Rule\GroupedTermRule;
use Runel\Slip\Slip;
use Runel\Slip\WrongRules;
use Runel\Working\MultiplyBack;

/** The ways to factor. */
final readonly class FactorFamily extends PlainFamily implements WaysToFactor
{
    public const JOB = 'factor';

    /** @var list<FactorMethod> for quadratics */
    private array $quadratic;
    private FactorByRationalRoots $roots;
    /** @var list<StructureMethod> by what is seen: in four terms, in something */
    private array $structures;
    private SpecialPowers $powers;
    private CommonPower $common;
    private Special $special;

    public function __construct(WaysToMultiply $multiplying)
    {
        $back = new MultiplyBack($multiplying);
        $forms = new SpecialForms($back);
        $this->powers = new SpecialPowers($back);
        $this->common = new CommonPower($back);
        $this->quadratic = [
            $forms, new SumProduct($back), new SplitMiddle($back), new ProductGrid($back),
            new Cross($back), new Trial($back), new Scale($back), new ScaleWhy($back),
        ];
        $this->roots = new FactorByRationalRoots($back, $this);
        $this->structures = [new GroupTerms($back), new FactorBySubstitution($back, $this)];
        $this->special = new Special(
            new BracketPowers($back),
            new TypedPowers($back),
            $forms,
            $this->powers,
            new CommonTermAlone($back),
            [...\array_slice($this->quadratic, 1), $this->roots, ...$this->structures],
        );
    }

    public function job(): string
    {
        return self::JOB;
    }

    public function weight(Problem $problem): int
    {
        return FactorRecogniser::weight($problem);
    }

    public function methods(): array
    {
        return [$this->special, ...\array_slice($this->quadratic, 1), ...$this->structures, $this->roots];
    }

    /** The favourite, then the special forms, then fewer trials, then fewer steps; explanations come last. */
    public function rank(Offer $offer, Task $task): array
    {
        return [
            $offer->method->id() === $task->choice(self::FAVOURITE) ? 0 : 1,
            match (true) {
                $offer->method instanceof Special, $offer->method instanceof StructureMethod => 0,
                $offer->method instanceof ScaleWhy => 2,
                default => 1,
            },
            $offer->forecast->trials ?? 0,
            $offer->forecast->steps ?? 0,
        ];
    }

    public function choices(): array
    {
        $hunts = array_filter(
            $this->quadratic,
            static fn(FactorMethod $method): bool => !$method instanceof SpecialForms && !$method instanceof ScaleWhy,
        );

        return [
            new Choice(SplitMiddle::CHOICE, ['small', 'large']),
            new Choice(SignsPlaced::CHOICE, SignsPlaced::VALUES),
            new Choice(self::FAVOURITE, ['none', ...array_map(
                static fn(Method $method): string => $method->id(),
                array_values($hunts),
            )], true),
        ];
    }

    public function rules(): array
    {
        return [
            ...WrongRules::factorings(),
            ...WrongRules::products(),
            new GroupedTermRule(Slip::TermMissed),
        ];
    }

    public function ladders(): array
    {
        return [
            new FactorMonicLadder(),
            new FactorLeadingLadder(),
            new FactorSpecialLadder(),
            new FactorCubesLadder(),
            new FactorGroupingLadder(),
        ];
    }

    /** Hunts that try whole brackets come last: what they ask says the answer. */
    public function help(string $method, bool $isWhole): Help
    {
        return \in_array($method, ['trial', 'cross', 'scale-why'], true) ? Help::Later : Help::Good;
    }

    public function wants(Node $line, Problem $problem): ?Wanting
    {
        $side = $line instanceof Equation ? $line->left : $line;
        if (!$side instanceof Expression) {
            return Wanting::Factored;
        }
        try {
            foreach (FactorsOf::expression($side) as $factor) {
                $polynomial = Polynomial::fromExpression($factor);
                $isLinear = $polynomial->degree() <= 1;
                $isSplit = $polynomial->degree() === 2 && Trinomial::of($polynomial)?->isPrime() === false;
                // Where the whole has fractions, its factors may.
                $hides = \count($polynomial->terms) > 1 && $problem->polynomial?->hasFractions() !== true
                    && (!$polynomial->content()->isOne() || self::hidesLetter($polynomial));
                if ($hides || $isSplit || (!$isLinear && \count($polynomial->terms) > 1 && $polynomial->degree() > 2)) {
                    return Wanting::Factored;
                }
            }
        } catch (NotPolynomial | DivisionByZero) {
            return Wanting::Factored;
        }

        return null;
    }

    /** Whether a letter stands in every term. */
    private static function hidesLetter(Polynomial $polynomial): bool
    {
        return array_filter($polynomial->letters(), static fn(string $letter): bool => array_filter(
            $polynomial->terms,
            static fn(Term $term): bool => !isset(Indeterminates::of($term->toExpression())[$letter]),
        ) === []) !== [];
    }

    public function hindrance(Task $task): ?Refusal
    {
        return $this->quadratic[0]->refusal($task);
    }

    public function byStructure(Task $task): array
    {
        return array_values(array_filter(
            [$this->powers, ...$this->structures, $this->common],
            static fn(StructureMethod $method): bool => $method->isSeen($task),
        ));
    }

    /** In the order in which solving tries them; why scaling works is not one of them. */
    public function fitting(Task $task): array
    {
        $order = [
            SpecialForms::class,
            SumProduct::class,
            Cross::class,
            SplitMiddle::class,
            ProductGrid::class,
            Trial::class,
            Scale::class,
        ];
        $fitting = array_filter($this->quadratic, static fn(FactorMethod $method): bool => \in_array(
            $method::class,
            $order,
            true,
        ) && $method->refusal($task) === null);
        usort($fitting, static fn(FactorMethod $first, FactorMethod $second): int => array_search(
            $first::class,
            $order,
            true,
        ) <=> array_search($second::class, $order, true));

        return $fitting;
    }
}
