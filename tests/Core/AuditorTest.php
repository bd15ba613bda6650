<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Audit\Auditor;
use Runel\Audit\Unproved;
use Runel\Demonstration\Answer\AllNumbersAnswer;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\DivisionAnswer;
use Runel\Demonstration\Answer\FormulaAnswer;
use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Answer\PlainAnswer;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Rewriter;
use Runel\Job\Jobs;
use Runel\Law\Claim\Claim;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\Move;
use Runel\Law\Move\Rewrite;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Notation\Ascii;
use Runel\Number\Rational;
use Runel\Parsing\Parser;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** The audit has to notice any single thing that is wrong, wherever it stands. */
final class AuditorTest extends TestCase
{
    private const PROBLEMS = [
        '(2t^3-5t+1)(t^2-4)', '(3x+8)^2', '(4x^2+x+5)(x^2+3x+2)', '(x+5)(x-3)(2x+1)', '(2x+3y)(x-4y+5)', '(5x-2)(5x+2)',
        '15x^2-7x-4', '6x^2+19x+10=0', '-12x^2+27', '4x^2-20x+25=0', '6x^2+19xy+10y^2',
    ];
    private const MIDWAY = [
        'A=1/2(a+b)h for b', 'V=1/3pr^2h for r', 'd=wt+1/2kt^2 for k', 'y=(x+1)/(x-2) for x', 'a/(b+c)=d/e for c',
        '2x/3-1/4=x/6', '4-(x-3)=2(5-x)', 'sqrt(3x+1)-sqrt(x+4)=1', '2x^3-3x^2-8x+12=0', 'x^2/2-x/3=1/6',
        '(2x^4-3x^2+1)/(x^2-1)', '6x^3+x^2-5x-2', '5x^2-14x+6=0',
    ];
    /** Where a machine integer in a figure says something about numbers, not about places. */
    private const NUMBERS = [
        'left',
        'right',
        'm',
        'n',
        'r',
        's',
        'total',
        'product',
        'sum',
        'target',
        'first',
        'last',
        'digits',
        'sums',
        'carries',
        'plus',
        'minus',
    ];

    public function testNoticesEveryWrongNumber(): void
    {
        $catalogue = Jobs::catalogue();
        $tampered = 0;
        foreach (self::PROBLEMS as $typed) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            foreach ($catalogue->offers($task) as $offer) {
                if ($offer->forecast === null) {
                    continue;
                }
                $demonstration = $catalogue->demonstrate($task, $offer->method->job(), $offer->method->id());
                self::assertSame([], Auditor::faults($demonstration));
                $places = $this->places($demonstration);
                foreach ($places as $number => $place) {
                    // Long ones say the same kind of thing often: every third number of theirs will do.
                    if (\count($places) > 24 && $number % 3 !== 0 && getenv('THOROUGH') === false) {
                        continue;
                    }
                    $wrong = $this->changed($demonstration, $place);
                    \assert($wrong instanceof Demonstration);
                    self::assertNotSame(
                        [],
                        Auditor::faults($wrong),
                        "$typed by {$offer->method->id()}: a wrong number at "
                            . implode('.', $place)
                            . ' went unnoticed',
                    );
                    ++$tampered;
                }
            }
        }
        self::assertGreaterThan(700, $tampered);
    }

    /** @return iterable<string, array{\Closure(self): Demonstration}> */
    public static function wrongs(): iterable
    {
        $grid = static fn(): Demonstration => self::show('(2t+5)(t-4)', 'grid');
        $solved = static fn(): Demonstration => self::show('4x^2=12x+7', 'factoring');
        yield 'another problem\'s work' => [static fn(self $t): Demonstration => $t->with($grid(), [
            'sections' => self::show('(2t+5)(t-3)', 'grid')->sections,
        ])];
        yield 'another problem\'s answer' => [static fn(self $t): Demonstration => $t->with($grid(), [
            'answer' => self::show('(2t+5)(t-3)', 'grid')->answer,
        ])];
        yield 'no checks' => [static fn(self $t): Demonstration => $t->with($grid(), ['checked' => []])];
        yield 'a check that fails' => [static fn(self $t): Demonstration => $t->with($grid(), ['checked' => [
            $t->with($grid()->checks()[0], ['holds' => false]),
        ]])];
        yield 'a check without lines' => [static fn(self $t): Demonstration => $t->with($grid(), ['checked' => [
            $t->with($grid()->checks()[0], ['lines' => []]),
        ]])];
        yield 'a check that is no side work' => [static fn(self $t): Demonstration => $t->with($grid(), ['checked' => [
            $t->with($grid()->checks()[0], ['lines' => [Line::equal(self::expression('(2t+5)(t-4)'))]]),
        ]])];
        yield 'a step twice' => [static fn(self $t): Demonstration => $t->with($grid(), [
            'sections' => [...$grid()->sections, $grid()->sections[0]],
        ])];
        yield 'no given line' => [static fn(self $t): Demonstration => $t->with($grid(), [
            'sections' => \array_slice($grid()->sections, 1),
        ])];
        yield 'no result' => [static fn(self $t): Demonstration => $t->with($grid(), [
            'sections' => \array_slice($grid()->sections, 0, -1),
        ])];
        yield 'only one of two solutions' => [static fn(self $t): Demonstration => $t->with($solved(), [
            'answer' => self::solutions('7/2'),
        ])];
        yield 'a solution that is none' => [static fn(self $t): Demonstration => $t->with($solved(), [
            'answer' => self::solutions('-1/2', '5'),
        ])];
        yield 'one solution said twice' => [static fn(self $t): Demonstration => $t->with($solved(), [
            'answer' => self::solutions('-1/2', '7/2', '-1/2'),
        ])];
        yield 'a true solution rejected' => [static fn(self $t): Demonstration => $t->with($solved(), [
            'answer' => new SolutionsAnswer('x', [self::expression('-1/2')], [self::expression('7/2')]),
        ])];
        yield 'no solution where there are two' => [static fn(self $t): Demonstration => $t->with($solved(), [
            'answer' => new NoSolutionAnswer('x', self::equation('0=1')),
        ])];
        yield 'all numbers where there are two' => [static fn(self $t): Demonstration => $t->with($solved(), [
            'answer' => new AllNumbersAnswer(self::equation('0=0')),
        ])];
        yield 'a division that does not hold' => [static fn(self $t): Demonstration => $t->with($grid(), [
            'answer' => new DivisionAnswer(...array_map(
                self::expression(...),
                ['x^2+3', 'x-1', 'x+1', '3', 'x+1+3/(x-1)'],
            )),
        ])];
        yield 'a formula that does not follow' => [static fn(self $t): Demonstration => $t->with($solved(), [
            'answer' => new FormulaAnswer('x', [self::expression('3')]),
        ])];
        yield 'an answer without claims' => [static fn(self $t): Demonstration => $t->with($grid(), [
            'answer' => self::unclaimed($grid()->answer),
        ])];
        yield 'a line on the wrong branch' => [
            static fn(self $t): Demonstration => $t->branched($solved(), Branch::way(2)),
        ];
        yield 'a line on a branch of a branch' => [
            static fn(self $t): Demonstration => $t->branched($solved(), Branch::way(1)->then(1)),
        ];
        yield 'a line on a branch that is not there' => [
            static fn(self $t): Demonstration => $t->branched($solved(), Branch::way(3)),
        ];
        yield 'an equation without a move' => [static fn(self $t): Demonstration => $t->withLine(
            $solved(),
            1,
            Line::equivalent(self::solving($solved())->node, null, Branch::way(1)),
        )];
        yield 'an equation by the wrong move' => [static fn(self $t): Demonstration => $t->withLine(
            $solved(),
            1,
            Line::equivalent(self::solving($solved())->node, new Rewrite(), Branch::way(1)),
        )];
        yield 'a move nobody knows' => [static fn(self $t): Demonstration => $t->withLine(
            $solved(),
            1,
            Line::equivalent(self::solving($solved())->node, self::unknownMove(), Branch::way(1)),
        )];
        yield 'a side line that is false' => [
            static fn(self $t): Demonstration => $t->withLine($solved(), 1, Line::side(Numeral::of(2), Numeral::of(3))),
        ];
        yield 'a line from nowhere' => [static fn(self $t): Demonstration => $t->withLine(
            $solved(),
            0,
            Line::equivalent(self::equation('x=3'), new Rewrite()),
        )];
        yield 'a wrong accepted answer' => [static fn(self $t): Demonstration => $t->asking(
            $grid(),
            static fn(Question $question): Question => $t->with($question, ['accepted' => [Numeral::of(999)]]),
        )];
        yield 'an accepted answer tied to another claim' => [static fn(self $t): Demonstration => $t->asking(
            $grid(),
            static fn(Question $question): Question => $t->with($question, ['accepted' => [self::expression('4')]]),
        )];
        yield 'a question about nothing true' => [static fn(self $t): Demonstration => $t->asking(
            $grid(),
            static fn(Question $question): Question => Question::number($question->prompt, new Identity(
                Numeral::of(2),
                $five = Numeral::of(5),
            ), $five),
        )];
        yield 'a claim nobody knows' => [static fn(self $t): Demonstration => $t->asking(
            $grid(),
            static fn(Question $question): Question => Question::number(
                $question->prompt,
                self::unknownClaim($one = Numeral::of(1)),
                $one,
            ),
        )];
        yield 'a figure that claims nothing' => [
            static fn(self $t): Demonstration => $t->drawing($grid(), self::silentFigure()),
        ];
        yield 'a grid that lights no cell' => [static fn(self $t): Demonstration =>
            $t->eachStep($grid(), static fn(Step $step): Step =>
            str_starts_with($step->id, 'cell-') ? $t->with(
                $step,
                ['figure' => $t->with($step->figure, [
                    'state' => $t->with($t->held($step->figure, 'state'), ['lit' => []]),
                ])],
            ) : $step)];
        yield 'inks shifted by one' => [static fn(self $t): Demonstration =>
            $t->eachStep($grid(), static fn(Step $step): Step =>
            $step->figure === null ? $step : $t->with($step, ['figure' => $t->with(
                $step->figure,
                ['inks' => array_map(static fn(array $inks): array => array_map(
                    static fn(int $ink): int => $ink + 1,
                    $inks,
                ), (array) $t->held($step->figure, 'inks'))],
            )]))];
        yield 'a wrong power over the columns' => [static fn(self $t): Demonstration => $t->eachStep(
            self::show('(2t+5)(t-4)', 'columns'),
            static fn(Step $step): Step => $step->figure === null ? $step : $t->with($step, ['figure' => $t->with(
                $step->figure,
                ['powers' => array_map(self::expression(...), ['t^2', 't^2', '1'])],
            )]),
        )];
        yield 'a twin without carries' => [static fn(self $t): Demonstration => $t->eachStep(
            self::show('(2x^2+3x+4)(x^2+x+6)', 'by-degree'),
            static fn(Step $step): Step => $step->id !== 'twin-product' ? $step : $t->with($step, ['figure' => $t->with(
                $step->figure,
                ['carries' => array_map(static fn(int $carry): int => 0, (array) $t->held($step->figure, 'carries'))],
            )]),
        )];
        yield 'a hunt whose failing pair is said to fit' => [static fn(self $t): Demonstration => $t->eachStep(
            self::show('x^2+13x+36', 'sum-product'),
            static fn(Step $step): Step => $step->id !== 'pair-1' ? $step : $t->with($step, [
                'figure' => $t->with($step->figure, ['rows' => [$t->with(
                    ((array) $t->held($step->figure, 'rows'))[0],
                    ['fits' => true],
                )]]),
            ]),
        )];
    }

    /** @param \Closure(self): Demonstration $wrong */
    #[DataProvider('wrongs')]
    public function testNoticesWhatIsOutOfPlace(\Closure $wrong): void
    {
        $demonstration = $wrong($this);
        self::assertNotSame([], Auditor::faults($demonstration));
        $this->expectException(Unproved::class);
        Auditor::approve($demonstration);
    }

    /** Whatever stands on a board can be typed as a problem: every way with it is proved, or refused in words. */
    public function testNobodyFallsOverTheLinesOfADemonstration(): void
    {
        $catalogue = Jobs::catalogue();
        $shown = 0;
        foreach (self::MIDWAY as $typed) {
            $problem = Problem::read($typed);
            $demonstration = $catalogue->demonstrate(
                new Task($problem, HouseStyle::default()),
                Jobs::all()->ofProblem($problem)[0],
            );
            foreach ($demonstration->steps() as $step) {
                foreach ($step->lines as $line) {
                    $written = Ascii::write($line->node instanceof Expression
                        ? Rewriter::unmarked($line->node)
                        : $line->node);
                    try {
                        $for = $problem->subject === null ? '' : " for $problem->subject";
                        $midway = Problem::read($written . $for);
                        Jobs::all()->ofProblem($midway);
                    } catch (Refusal) {
                        continue;
                    }
                    $task = new Task($midway, HouseStyle::default());
                    foreach ($catalogue->offers($task) as $offer) {
                        if ($offer->refusal === null) {
                            $faults = Auditor::faults($offer->method->demonstrate($task));
                            self::assertSame([], $faults, "{$offer->method->id()} on $written");
                            ++$shown;
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(150, $shown);
    }

    private static function show(string $typed, string $method): Demonstration
    {
        $demonstration = Jobs::catalogue()->demonstrate(new Task(
            Problem::read($typed),
            HouseStyle::default(),
        ), null, $method);
        self::assertSame([], Auditor::faults($demonstration));

        return $demonstration;
    }

    private static function expression(string $typed): Expression
    {
        $node = Parser::parse($typed)->node;
        \assert($node instanceof Expression);

        return $node;
    }

    private static function equation(string $typed): Equation
    {
        $node = Parser::parse($typed)->node;
        \assert($node instanceof Equation);

        return $node;
    }

    private static function solutions(string ...$values): SolutionsAnswer
    {
        return new SolutionsAnswer('x', array_map(self::expression(...), $values));
    }

    /** The first line that solves a factor. */
    private static function solving(Demonstration $demonstration): Line
    {
        return $demonstration->sections[\count($demonstration->sections) - 1]->steps[1]->lines[0];
    }

    private static function unclaimed(Answer $answer): Answer
    {
        return new class ($answer) extends \stdClass implements Answer {
            use PlainAnswer;

            public function __construct(private Answer $answer) {}

            public function type(): \Runel\Demonstration\Answer\AnswerType
            {
                return $this->answer->type();
            }

            public function node(): \Runel\Expression\Node
            {
                return $this->answer->node();
            }

            public function claims(Expression|Equation $given): array
            {
                // @phpstan-ignore return.type (that nothing is claimed is what is wrong with it)
                return [];
            }

            public function details(): array
            {
                return [];
            }
        };
    }

    private static function unknownMove(): Move
    {
        return new class implements Move {
            public function name(): string
            {
                return 'by magic';
            }

            public function operand(): ?Expression
            {
                return null;
            }

            public function conditions(): array
            {
                return [];
            }
        };
    }

    private static function unknownClaim(Expression $node): Claim
    {
        return new class ($node) implements Claim {
            public function __construct(private Expression $node) {}

            public function nodes(): array
            {
                return [$this->node];
            }
        };
    }

    private static function silentFigure(): Figure
    {
        // @phpstan-ignore class.disallowedSubtype (a figure that there is not)
        return new class implements Figure {
            public function type(): string
            {
                return 'silent';
            }

            public function data(): array
            {
                return ['value' => 7];
            }

            public function ground(): array
            {
                return [];
            }

            public function written(): array
            {
                return [];
            }

            public function claims(string $part): array
            {
                return [];
            }
        };
    }

    private function branched(Demonstration $solved, Branch $branch): Demonstration
    {
        $line = self::solving($solved);

        return $this->withLine($solved, 1, Line::equivalent($line->node, $line->move, $branch));
    }

    /** @param \Closure(Question): Question $change */
    private function asking(Demonstration $demonstration, \Closure $change): Demonstration
    {
        return $this->eachStep($demonstration, fn(Step $step): Step => $step->question === null ? $step : $this->with(
            $step,
            ['question' => $change($step->question)],
        ));
    }

    private function drawing(Demonstration $demonstration, Figure $figure): Demonstration
    {
        $sections = $demonstration->sections;
        $sections[] = new Section($sections[0]->phase, [
            new Step(id: 'drawn', title: Message::of('x'), why: Message::of('x'), figure: $figure),
        ]);

        return $this->with($demonstration, ['sections' => $sections]);
    }

    /** @param \Closure(Step): Step $change */
    private function eachStep(Demonstration $demonstration, \Closure $change): Demonstration
    {
        return $this->with($demonstration, ['sections' => array_map(
            static fn(Section $section): Section => new Section($section->phase, array_map($change, $section->steps)),
            $demonstration->sections,
        )]);
    }

    /** The first line of a step of the last section replaced. */
    private function withLine(Demonstration $demonstration, int $step, Line $line): Demonstration
    {
        $sections = $demonstration->sections;
        $last = array_pop($sections);
        \assert($last !== null);
        $steps = $last->steps;
        $steps[$step] = $this->with($steps[$step], ['lines' => [$line, ...\array_slice($steps[$step]->lines, 1)]]);

        return $this->with($demonstration, [
            'sections' => [...$sections, new Section($last->phase, array_values($steps))],
        ]);
    }

    /** What something holds that only some of its kind have. */
    private function held(object $value, string $name): mixed
    {
        return get_object_vars($value)[$name] ?? self::fail("there is no $name");
    }

    /**
     * A copy with some properties changed, however it could really be made.
     *
     * @template T of object
     *
     * @param T                    $value
     * @param array<string, mixed> $changes
     *
     * @return T
     */
    private function with(object $value, array $changes): object
    {
        $class = new \ReflectionClass($value);
        $copy = $class->newInstanceWithoutConstructor();
        foreach ($class->getProperties() as $property) {
            $name = $property->getName();
            $property->setValue(
                $copy,
                \array_key_exists($name, $changes) ? $changes[$name] : $property->getValue($value),
            );
        }

        return $copy;
    }

    /**
     * The way to each number in the lines, the questions, the checks, the answer and the last figure of each section.
     *
     * @return list<list<string|int>>
     */
    private function places(Demonstration $demonstration): array
    {
        $demonstration->checks();
        $places = [];
        foreach ($demonstration->sections as $section => $content) {
            foreach (array_keys($content->steps) as $step) {
                $this->collect($content->steps[$step]->lines, ['sections', $section, 'steps', $step, 'lines'], $places);
                $this->collect(
                    $content->steps[$step]->question?->accepted,
                    ['sections', $section, 'steps', $step, 'question', 'accepted'],
                    $places,
                );
            }
            $last = \count($content->steps) - 1;
            $this->collect($content->steps[$last]->figure, ['sections', $section, 'steps', $last, 'figure'], $places);
        }
        foreach ($demonstration->checks() as $check => $content) {
            $this->collect($content->lines, ['checked', $check, 'lines'], $places);
        }
        $this->collect($demonstration->answer, ['answer'], $places);

        return $places;
    }

    /**
     * @param list<string|int>       $path
     * @param list<list<string|int>> $places
     */
    private function collect(mixed $value, array $path, array &$places): void
    {
        $name = array_values(array_filter($path, \is_string(...)));
        if (
            $value instanceof Numeral
            || (\is_int($value) && \in_array($name[\count($name) - 1], self::NUMBERS, true))
        ) {
            $places[] = $path;
        } elseif (\is_array($value)) {
            foreach ($value as $key => $part) {
                $this->collect($part, [...$path, $key], $places);
            }
        } elseif (
            \is_object($value)
            && !$value instanceof \UnitEnum
            && !$value instanceof Rational
            && !$value instanceof Move
        ) {
            foreach ((new \ReflectionClass($value))->getProperties() as $property) {
                $this->collect($property->getValue($value), [...$path, $property->getName()], $places);
            }
        }
    }

    /** @param list<string|int> $path */
    private function changed(mixed $value, array $path): mixed
    {
        if ($value instanceof Numeral) {
            return Numeral::of($value->value->plus(Rational::one()));
        }
        if (\is_int($value)) {
            return $value + 1;
        }
        $key = array_shift($path);
        if (\is_array($value)) {
            $value[$key] = $this->changed($value[$key], $path);

            return $value;
        }
        \assert(\is_object($value));

        return $this->with($value, [
            (string) $key => $this->changed((new \ReflectionProperty($value, (string) $key))->getValue($value), $path),
        ]);
    }
}
