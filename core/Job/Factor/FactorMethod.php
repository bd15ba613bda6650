<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\CommonTerm;
use Runel\Algebra\StandardForm;
use Runel\Algebra\Trinomial;
use Runel\Demonstration\Answer\ExpressionAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\SignedBracketsFigure;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Factored;
use Runel\Method\FactorsQuadratics;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\MinusOne;
use Runel\Style\PairsListed;
use Runel\Style\VerdictTold;
use Runel\Working\Arrival;
use Runel\Working\Known;
use Runel\Working\MultiplyBack;
use Runel\Working\Outer;
use Runel\Working\Preliminaries;

/**
 * What all ways to factor a quadratic share: standard form, common factor, −1, reading the signs, the verdict
 * beforehand, the finish and the checks. A way to factor only says how the trinomial itself is hunted and written.
 */
abstract class FactorMethod implements FactorsQuadratics
{
    public function job(): string
    {
        return FactorFamily::JOB;
    }

    public function __construct(private readonly MultiplyBack $back) {}

    final public function refusal(Task $task): ?Refusal
    {
        $gathered = Known::standardForm($task);
        if ($gathered === null) {
            return new MethodDoesNotApply(Message::of('factor.refusal-not-quadratic'));
        }
        $trinomial = self::trinomial($task);
        if ($trinomial instanceof Refusal) {
            return $trinomial;
        }
        $reason = match (true) {
            $trinomial !== null => $this->refusalOf($trinomial),
            \count($gathered->whole->terms) === 1 => Message::of('factor.refusal-not-quadratic'),
            default => $this->refusalOfCommon(self::common($gathered, $task)),
        };

        return $reason === null ? null : new MethodDoesNotApply($reason);
    }

    final public function demonstrate(Task $task): Demonstration
    {
        $gathered = self::ready($task);
        $trinomial = self::trinomial($task);
        $common = self::common($gathered, $task);
        $outer = new Outer($common, $gathered->equation !== null);
        $reading = Preliminaries::steps($task, $gathered, $common, $outer);
        $work = new Work([], 0, 0, Message::of('advice.special-common'));
        if ($trinomial instanceof Trinomial) {
            if ($this->hunts()) {
                $reading[] = $signs = $this->signs($trinomial, $task);
                array_push($reading, ...self::letters($trinomial, $signs));
            }
            if ($this->hunts() && $task->style->get(VerdictTold::class) === VerdictTold::Shown) {
                $reading[] = $this->verdict($trinomial);
            }
            $work = $this->work($trinomial, $outer, $task);
        }
        [$finish, $answer] = $this->finish($task, $common, $trinomial instanceof Trinomial ? $trinomial : null, $outer);
        $sections = Arrival::once([new Section(Phase::Reading, $reading), ...$work->sections, $finish]);

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                trials: $work->trials,
                products: $work->products,
                fractions: $gathered->difference()->hasFractions() || $work->fractions,
                advice: $work->advice,
            ),
            sections: $sections,
            answer: new ExpressionAnswer($answer, $gathered->multiple()),
            checking: fn(): array => $this->checks(
                $task,
                $answer,
                $gathered->whole,
                $trinomial instanceof Trinomial ? $trinomial : null,
            ),
        );
    }

    final public function factoring(Task $task): Factored
    {
        $gathered = self::ready($task);
        $trinomial = self::trinomial($task);
        $demonstration = $this->demonstrate($task);
        $answer = $demonstration->answer->node();
        $common = self::common($gathered, $task);
        $factors = [];
        foreach ($common->letters->exponents as $letter => $exponent) {
            $power = Polynomial::ofTerms([new Term(Rational::one(), Monomial::power((string) $letter, 1))]);
            array_push($factors, ...array_fill(0, $exponent, $power));
        }
        array_push($factors, ...($trinomial instanceof Trinomial
            ? $this->brackets($trinomial, $task)
            : [$common->rest]));

        $factors = array_values(array_filter($factors, static fn(Polynomial $factor): bool => $factor->degree() > 0));

        return new Factored(
            array_map(static fn(Section $section): Section => $section->withSteps(array_map(
                static fn(Step $step): Step => $step->onTheWay(),
                $section->steps,
            )), array_values(array_filter(
                $demonstration->sections,
                static fn(Section $section): bool =>
                    $section->phase !== Phase::Finishing || Section::lines([$section]) > 0,
            ))),
            $factors === [] ? throw new \LogicException('Nothing with a letter is left.') : $factors,
            $demonstration->forecast,
            fn(): Check => $this->back->check($answer instanceof Expression ? $answer : throw new \LogicException(
                'A factoring is an expression.',
            ), $gathered->whole, $task),
            $common->negative || !$common->content->isOne(),
            !$trinomial instanceof Trinomial,
        );
    }

    /** Why this way does not fit a trinomial with a last term, or null when it does. */
    abstract protected function refusalOf(Trinomial $trinomial): ?Message;

    /** The hunt and the writing; the last line leaves the trinomial factored, or unchanged when it is prime. */
    abstract protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work;

    /**
     * The two factors in the order in which this way writes them: they are never turned round afterwards.
     *
     * @return array{Polynomial, Polynomial}
     */
    protected function brackets(Trinomial $trinomial, Task $task): array
    {
        return $trinomial->brackets();
    }

    protected static function listsPairs(Task $task): bool
    {
        return $task->style->get(PairsListed::class) === PairsListed::On;
    }

    /** Whether signs are written into empty brackets before the hunt. */
    protected function writesSigns(Task $task): bool
    {
        return false;
    }

    /** Whether it hunts for numbers, so that signs and discriminant are worth reading first. */
    protected function hunts(): bool
    {
        return true;
    }

    /** Why it does not take a polynomial of which no quadratic is left when the common term is taken out. */
    protected function refusalOfCommon(CommonTerm $common): ?Message
    {
        return Message::of($common->leavesNothing() && !$common->isOne()
            ? 'factor.refusal-common'
            : 'factor.refusal-not-quadratic');
    }

    /** @return list<Check> checks that only this way has */
    protected function ownChecks(Trinomial $trinomial): array
    {
        return [];
    }

    /** The trinomial serves every way, so it is made ready once; a refusal where its numbers are too large. */
    private static function trinomial(Task $task): Trinomial|Refusal|null
    {
        return $task->once(Trinomial::class, static function () use ($task): Trinomial|Refusal|null {
            $gathered = Known::standardForm($task);
            try {
                return $gathered === null ? null : Trinomial::of($gathered->whole, $task->leavesCommonFactor());
            } catch (Refusal $refusal) {
                return $refusal;
            }
        });
    }

    /** What is taken out in front, by the habit of the house. */
    private static function common(StandardForm $gathered, Task $task): CommonTerm
    {
        return CommonTerm::of($gathered->whole, $task->leavesCommonFactor());
    }

    private static function ready(Task $task): StandardForm
    {
        return Known::standardForm($task)
            ?? throw new \LogicException('A problem that is no polynomial was not refused.');
    }

    /** @return non-empty-list<Check> */
    private function checks(Task $task, Expression $answer, Polynomial $whole, ?Trinomial $trinomial): array
    {
        $unchanged = $answer->equals($whole->toExpression());
        $checks = $unchanged ? [] : [
            $this->back->check($answer, $whole, $task),
            ...($trinomial === null ? [] : $this->ownChecks($trinomial)),
            ...$this->back->byValues($answer, $whole),
        ];
        if ($trinomial !== null && $trinomial->isPrime()) {
            $checks[] = NoPair::check($trinomial);
        }

        return $checks === [] ? throw new \LogicException(
            'Nothing was factored, and nothing shown to be prime.',
        ) : $checks;
    }

    private function signs(Trinomial $trinomial, Task $task): Step
    {
        $key = match (true) {
            $trinomial->c > 0 && $trinomial->b < 0 => 'both-minus',
            $trinomial->c > 0 && $trinomial->b === 0 => 'both-zero',
            $trinomial->c > 0 => 'both-plus',
            $trinomial->b < 0 => 'larger-minus',
            $trinomial->b > 0 => 'larger-plus',
            default => 'opposite',
        };

        $terms = ['last' => Numeral::of($trinomial->c), 'middle' => Numeral::of($trinomial->b)];
        // With a second letter the last term is no number.
        $said = $trinomial->second === null ? $terms : [
            'last' => $trinomial->term($trinomial->c, 0)->toExpression(),
            'middle' => $trinomial->term($trinomial->b, 1)->toExpression(),
        ];

        return new Step(
            id: 'signs',
            title: Message::of($trinomial->c > 0 ? 'factor.signs.title-sum' : 'factor.signs.title-difference'),
            why: Message::of("factor.signs.$key", $said),
            // Signs first are really written: into empty brackets, before any number is known.
            figure: $this->writesSigns($task) && $trinomial->b !== 0
                ? new SignedBracketsFigure(
                    [$trinomial->a, $trinomial->b, $trinomial->c],
                    $trinomial->linear(1, 0)->toExpression(),
                    $trinomial->linear(0, 1)->toExpression(),
                    $trinomial->primitive()->toExpression(),
                )
                : null,
            question: $key === 'both-zero' ? null : Question::howManyNegative(
                Message::of($key === 'opposite' ? 'factor.signs.ask-opposite' : 'factor.signs.ask', $terms),
                $terms['last'],
                $terms['middle'],
                match ($key) {
                    'both-plus' => 0,
                    'both-minus' => 2,
                    default => 1,
                },
            ),
        );
    }

    /**
     * The letters written into the factors whose signs stand, before any number does.
     *
     * @return list<Step> none where no signs were written
     */
    private static function letters(Trinomial $trinomial, Step $signs): array
    {
        if (!$signs->figure instanceof SignedBracketsFigure) {
            return [];
        }
        $square = static fn(int $power): Expression => $trinomial->term(1, $power)->toExpression();
        $letter = static fn(int $power): Expression => $trinomial->linear($power, 1 - $power)->toExpression();

        return [new Step(
            id: 'letters',
            title: Message::of('factor.letters.title'),
            why: Message::of($trinomial->second === null ? 'factor.letters.why' : 'factor.letters.why-two', [
                'square' => $square(2), 'letter' => $letter(1), 'last' => $square(0), 'second' => $letter(0),
            ]),
            figure: $signs->figure->lettered(),
        )];
    }

    /** @param bool $after whether the hunt has failed already, and it is said why it had to */
    private function verdict(Trinomial $trinomial, bool $after = false): Step
    {
        $root = $trinomial->root();
        $discriminant = Sum::of([
            ...($trinomial->b === 0 ? [] : [new Power(Numeral::of($trinomial->b), Numeral::of(2))]),
            new Negative(Product::of([Numeral::of(4), Numeral::of($trinomial->a), Numeral::of($trinomial->c)])),
        ]);

        $line = Line::side($discriminant, Numeral::of($trinomial->discriminant()));
        $why = match (true) {
            $root !== null => 'factor.verdict.why',
            $trinomial->discriminant() < 0 => $after
                ? 'factor.verdict.why-negative-after'
                : 'factor.verdict.why-negative',
            default => $after ? 'factor.verdict.why-prime-after' : 'factor.verdict.why-prime',
        };

        return new Step(
            id: 'verdict',
            title: Message::of(match (true) {
                $after => 'factor.verdict.title-after',
                $root === null => 'factor.verdict.title-prime',
                default => 'factor.verdict.title',
            }),
            why: Message::of($why, ['root' => Numeral::of($root ?? 0), 'value' => Numeral::of(
                $trinomial->discriminant(),
            )]),
            lines: [$line],
            question: Question::about($line, Message::of('factor.verdict.ask')),
        );
    }

    /** @return array{Section, Expression} the finish and the answer */
    private function finish(Task $task, CommonTerm $common, ?Trinomial $trinomial, Outer $outer): array
    {
        $inside = $common->negative && $task->style->get(MinusOne::class) === MinusOne::Inside;
        $minusAlone = $common->negative && $common->content->isOne() && $common->letters->exponents === [];
        if ($trinomial === null) {
            $answer = $outer->finished([$common->rest], $inside);
            $steps = [new Step(
                id: 'complete',
                title: Message::of('factor.complete.title'),
                why: Message::of('factor.complete.why-common', ['rest' => $common->rest->toExpression()]),
                lines: [$outer->result($answer)],
            )];
        } elseif ($trinomial->isPrime()) {
            $answer = $outer->wrap([$common->rest->toExpression()]);
            $steps = $task->style->get(VerdictTold::class) === VerdictTold::Held
                ? [$this->verdict($trinomial, true)]
                : [];
            [$title, $why] = match (true) {
                $trinomial->content() > 1 => ['factor.prime.title-alone', 'factor.prime.why-alone'],
                $common->isOne() => ['factor.prime.title', 'factor.prime.why'],
                default => ['factor.prime.title-inside', 'factor.prime.why-inside'],
            };
            $steps[] = new Step(
                id: 'prime',
                title: Message::of($title),
                why: Message::of($why),
                lines: [$outer->result($answer)],
            );
        } else {
            $answer = $outer->finished($this->brackets($trinomial, $task), $inside);
            $steps = [new Step(
                id: 'complete',
                title: Message::of(
                    $trinomial->content() > 1 ? 'factor.complete.title-alone' : 'factor.complete.title',
                ),
                why: Message::of(match (true) {
                    $inside => 'factor.complete.why-inside',
                    $trinomial->content() > 1 => 'factor.complete.why-alone',
                    $minusAlone => 'factor.complete.why-outside',
                    !$common->isOne() => 'factor.complete.why-content',
                    default => 'factor.complete.why',
                }, ['content' => Numeral::of($trinomial->content())]),
                lines: [$outer->result($answer)],
                watch: $inside ? Slip::MinusOneTwice : ($common->isOne() ? null : Slip::CommonFactorForgotten),
            )];
        }

        return [new Section(Phase::Finishing, $steps), $answer];
    }
}
