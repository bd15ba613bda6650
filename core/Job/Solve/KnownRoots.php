<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\RealRoots;
use Runel\Demonstration\Answer\BetweenAnswer;
use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Figure\CurveFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Law\Move\Rewrite;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Style\Answers;
use Runel\Style\Places;
use Runel\Working\Arithmetic;
use Runel\Working\Preliminaries;
use Runel\Working\Roots\PolynomialFactoring;

/** What is known of an equation without rational roots: how many real ones, between which numbers, the curve. */
final readonly class KnownRoots
{
    private Equation $equation;

    /** @param list<array{Rational, Rational}> $pairs */
    private function __construct(private Polynomial $polynomial, private string $letter, private array $pairs)
    {
        $this->equation = new Equation($polynomial->toExpression(), Numeral::of(0));
    }

    /** Null where they lie too close together to be told apart. */
    public static function of(Polynomial $polynomial, string $letter, Task $task): ?self
    {
        $places = $task->style->get(Places::class);
        $isRounded = $task->style->get(Answers::class) !== Answers::Exact && !$places->isSignificant();
        $pairs = RealRoots::between($polynomial, $letter, $isRounded ? max(1, $places->count()) : 1);

        return $pairs === null ? null : new self($polynomial, $letter, $pairs);
    }

    /** @return non-empty-list<Step> how such an equation is read */
    public static function reading(PolynomialFactoring $parts, Task $task): array
    {
        return Preliminaries::steps($task, $parts->gathered, $parts->common, $parts->outer(), [
            'zeroed' => 'roots.reading-zeroed',
            'equation' => 'roots.reading-equation',
        ]);
    }

    public function answer(): BetweenAnswer|NoSolutionAnswer
    {
        $written = array_map(
            static fn(array $pair): array => [Numeral::of($pair[0]), Numeral::of($pair[1])],
            $this->pairs,
        );

        return $written === []
            ? new NoSolutionAnswer($this->letter, $this->equation)
            : new BetweenAnswer($this->letter, $this->equation, $written);
    }

    public function section(): Section
    {
        $count = \count($this->pairs);
        $steps = [];
        foreach ($this->pairs as $place => [$low, $high]) {
            $isRising = RealRoots::value($this->polynomial, $this->letter, $low)->isNegative();
            $steps[] = new Step(
                id: 'between-' . ($place + 1),
                title: Message::of('roots.between.title', ['low' => Numeral::of($low), 'high' => Numeral::of($high)]),
                why: Message::of($isRising ? 'roots.between.why-rising' : 'roots.between.why-falling', [
                    'low' => Numeral::of($low),
                    'high' => Numeral::of($high),
                ]),
                lines: [...$this->put($low), ...$this->put($high)],
            );
        }
        $isAll = $count === $this->polynomial->degree();
        $steps[] = new Step(
            id: 'known',
            title: Message::of($count === 0 ? 'roots.known.title-none' : 'roots.known.title'),
            why: Message::of(match (true) {
                $isAll => 'roots.known.why-all',
                $count > 0 => 'roots.known.why',
                $this->polynomial->coefficient($this->letter, 0)->isNegative() => 'roots.known.why-none-below',
                default => 'roots.known.why-none',
            }, $count === 0 ? [] : ['count' => $count, 'degree' => $this->polynomial->degree()]),
            lines: [Line::result($this->equation, new Rewrite())],
            figure: new CurveFigure(
                $this->letter,
                $this->polynomial->toExpression(),
                null,
                null,
                Numeral::of($this->polynomial->coefficient($this->letter, 0)),
                [],
            ),
            question: Question::howMany(
                Message::of('roots.known.ask', ['letter' => new Letter($this->letter)]),
                $this->equation,
                $count,
            ),
        );

        return new Section(Phase::Solving, $steps);
    }

    /** @return non-empty-list<Check> each solution: a value below 0 and one above */
    public function checks(): array
    {
        if ($this->pairs === []) {
            $sample = Rational::of(1);

            return [new Check(
                kind: CheckKind::Substitution,
                title: Message::of('isolate.check.none', ['number' => Numeral::of($sample)]),
                why: Message::of('roots.known.check-none'),
                lines: $this->put($sample),
                holds: true,
            )];
        }

        return array_map(fn(array $pair): Check => new Check(
            kind: CheckKind::Substitution,
            title: Message::of('roots.between.check', [
                'low' => Numeral::of($pair[0]),
                'high' => Numeral::of($pair[1]),
            ]),
            why: Message::of('roots.between.check-why'),
            lines: [...$this->put($pair[0]), ...$this->put($pair[1])],
            holds: true,
            isWritten: true,
        ), $this->pairs);
    }

    /** @return non-empty-list<Line> what the left side is there */
    private function put(Rational $value): array
    {
        return Arithmetic::lines(Substitution::into(
            $this->polynomial->toExpression(),
            $this->letter,
            Numeral::of($value),
        ));
    }
}
