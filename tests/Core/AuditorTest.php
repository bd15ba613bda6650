<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Runel\Audit\Auditor;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Expression\Numeral;
use Runel\Method\Catalogue;
use Runel\Number\Rational;
use Runel\Problem\Problem;
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
        $class = new \ReflectionClass($value);
        $copy = $class->newInstanceWithoutConstructor();
        foreach ($class->getProperties() as $property) {
            $own = $property->getValue($value);
            $property->setValue($copy, $property->getName() === $key ? $this->changed($own, $path) : $own);
        }

        return $copy;
    }
}
