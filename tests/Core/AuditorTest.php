<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Runel\Audit\Auditor;
use Runel\Audit\Unproved;
use Runel\Demonstration\Answer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\LikelyWrong;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Numeral;
use Runel\Expression\Parser;
use Runel\Method\Catalogue;
use Runel\Number\Rational;
use Runel\Problem\Problem;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** The audit has to notice any single wrong number, wherever it stands. */
final class AuditorTest extends TestCase
{
    private const PROBLEMS = ['(2t^3-5t+1)(t^2-4)', '(3x+8)^2', '(4x^2+x+5)(x^2+3x+2)', '(x+5)(x-3)(2x+1)', '(2x+3y)(x-4y+5)', '(5x-2)(5x+2)', '15x^2-7x-4', '6x^2+19x+10=0', '-12x^2+27', '4x^2-20x+25=0', '6x^2+19xy+10y^2'];

    public function testNoticesEveryWrongNumber(): void
    {
        $catalogue = Catalogue::standard();
        $tampered = 0;
        foreach (self::PROBLEMS as $typed) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            foreach ($catalogue->offers($task) as $offer) {
                if ($offer->forecast === null) {
                    continue;
                }
                $demonstration = $catalogue->demonstrate($task, $offer->method->job()->value, $offer->method->id());
                self::assertSame([], Auditor::faults($demonstration));
                foreach ($this->places($demonstration) as $place) {
                    $wrong = $this->tampered($demonstration, $place);
                    self::assertNotSame([], Auditor::faults($wrong), "$typed by {$offer->method->id()}: a wrong number at " . implode('.', $place) . ' went unnoticed');
                    ++$tampered;
                }
            }
        }
        self::assertGreaterThan(1500, $tampered);
    }

    /** Not only numbers: what is missing, misplaced or said twice is noticed too. */
    public function testNoticesWhatIsOutOfPlace(): void
    {
        $catalogue = Catalogue::standard();
        $show = static fn(string $typed, string $method): Demonstration => $catalogue->demonstrate(new Task(Problem::read($typed), HouseStyle::default()), null, $method);
        $grid = $show('(2t+5)(t-4)', 'grid');
        $other = $show('(2t+5)(t-3)', 'grid');
        $solved = $show('4x^2=12x+7', 'factoring');
        $branch = $solved->sections[\count($solved->sections) - 1]->steps[1]->lines[0];
        $wrong = [
            'another problem\'s work' => $this->with($grid, ['sections' => $other->sections]),
            'another problem\'s answer' => $this->with($grid, ['answer' => $other->answer]),
            'another problem\'s checks only' => $this->with($grid, ['checks' => []]),
            'a check that fails' => $this->with($grid, ['checks' => [$this->with($grid->checks[0], ['holds' => false])]]),
            'a step twice' => $this->with($grid, ['sections' => [...$grid->sections, $grid->sections[0]]]),
            'no given line' => $this->with($grid, ['sections' => \array_slice($grid->sections, 1)]),
            'only one of two solutions' => $this->with($solved, ['answer' => Answer::solutions($this->equation('x', '7/2'), [Numeral::of(Rational::fraction(7, 2))])]),
            'a solution that is none' => $this->with($solved, ['answer' => Answer::solutions(new Alternatives([$this->equation('x', '-1/2'), $this->equation('x', '5')]), [Numeral::of(Rational::fraction(-1, 2)), Numeral::of(5)])]),
            'a line on the wrong branch' => $this->withLine($solved, 1, Line::equivalent($branch->node, '2')),
            'a side line that is false' => $this->withLine($solved, 1, Line::side(Numeral::of(2), Numeral::of(3))),
            'a line from nowhere' => $this->withLine($solved, 0, Line::equivalent($this->equation('x', '3'))),
            'a right answer called a slip' => $this->with($grid, ['sections' => array_map(fn(Section $section): Section => new Section($section->phase, array_map(
                fn(Step $step): Step => $step->question === null ? $step : $this->with($step, ['question' => Question::expression($step->question->prompt, $step->question->accepted[0], [new LikelyWrong($step->question->accepted[0], Slip::TermMissed)])]),
                $section->steps,
            )), $grid->sections)]),
        ];
        foreach ($wrong as $what => $demonstration) {
            self::assertNotSame([], Auditor::faults($demonstration), $what);
        }
        self::assertSame([], Auditor::faults($this->with($grid, [])));
        $this->expectException(Unproved::class);
        Auditor::approve($wrong['another problem\'s work']);
    }

    private function equation(string $left, string $right): Equation
    {
        $node = Parser::parse("$left = $right")->node;
        \assert($node instanceof Equation);

        return $node;
    }

    /** The first line of a step of the last section replaced. */
    private function withLine(Demonstration $demonstration, int $step, Line $line): Demonstration
    {
        $sections = $demonstration->sections;
        $last = array_pop($sections);
        \assert($last !== null);
        $steps = $last->steps;
        $steps[$step] = $this->with($steps[$step], ['lines' => [$line, ...\array_slice($steps[$step]->lines, 1)]]);

        return $this->with($demonstration, ['sections' => [...$sections, new Section($last->phase, array_values($steps))]]);
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
            $property->setValue($copy, \array_key_exists($name, $changes) ? $changes[$name] : $property->getValue($value));
        }

        return $copy;
    }

    /**
     * The way to each number in the lines, the checks, the answer and the last figure.
     *
     * @return list<list<string|int>>
     */
    private function places(Demonstration $demonstration): array
    {
        $places = [];
        foreach ($demonstration->sections as $section => $content) {
            foreach (array_keys($content->steps) as $step) {
                $this->collect($content->steps[$step]->lines, ['sections', $section, 'steps', $step, 'lines'], $places);
            }
            $last = \count($content->steps) - 1;
            $this->collect($content->steps[$last]->figure, ['sections', $section, 'steps', $last, 'figure'], $places);
        }
        $this->collect(array_map(static fn($check) => $check->lines, $demonstration->checks), ['checks'], $places, ['lines']);
        $this->collect($demonstration->answer, ['answer'], $places);

        return $places;
    }

    /**
     * @param list<string|int>       $path
     * @param list<list<string|int>> $places
     * @param list<string|int>       $after  what follows the first key
     */
    private function collect(mixed $value, array $path, array &$places, array $after = []): void
    {
        if ($value instanceof Numeral) {
            $places[] = $path;
        } elseif (\is_array($value)) {
            foreach ($value as $key => $part) {
                $this->collect($part, [...$path, $key, ...$after], $places);
            }
        } elseif (\is_object($value) && !$value instanceof \UnitEnum && !$value instanceof Rational) {
            foreach ((new \ReflectionClass($value))->getProperties() as $property) {
                // The multiplied bracket of rows stands in each row's claim already; its state holds no numbers.
                $this->collect($property->getValue($value), [...$path, $property->getName()], $places);
            }
        }
    }

    /** @param list<string|int> $path */
    private function tampered(Demonstration $demonstration, array $path): Demonstration
    {
        $copy = $this->changed($demonstration, $path);
        \assert($copy instanceof Demonstration);

        return $copy;
    }

    /** @param list<string|int> $path */
    private function changed(mixed $value, array $path): mixed
    {
        if ($value instanceof Numeral) {
            return Numeral::of($value->value->plus(Rational::one()));
        }
        $key = array_shift($path);
        if (\is_array($value)) {
            $value[$key] = $this->changed($value[$key], $path);

            return $value;
        }
        \assert(\is_object($value));

        return $this->with($value, [(string) $key => $this->changed((new \ReflectionProperty($value, (string) $key))->getValue($value), $path)]);
    }
}
