<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Node;
use Runel\Notation\Arranger;
use Runel\Notation\PlainText;
use Runel\Problem\Problem;

/** A line that says what the line above it says is chalk wasted, and a sum set equal to itself shows nothing. */
final class SaidOnceTest extends TestCase
{
    #[DataProvider('jobs')]
    public function testNoLineIsWrittenTwice(string $job): void
    {
        $shown = 0;
        for ($seed = 1; $seed <= Chance::seeds(24); ++$seed) {
            $chance = new Chance($seed);
            $typed = self::problem($job, $chance);
            $task = new Task(Problem::read($typed), $chance->style());
            foreach (EveryWay::of($task, $job) as $way => $demonstration) {
                ++$shown;
                self::assertSame([], self::repeated($demonstration), "$typed by $way, seed $seed");
            }
        }
        self::assertGreaterThan(Chance::seeds(20), $shown);
    }

    /** @return iterable<string, array{string}> */
    public static function jobs(): iterable
    {
        foreach (['multiply', 'factor', 'solve', 'divide', 'complete-square', 'rearrange'] as $job) {
            yield $job => [$job];
        }
    }

    private static function problem(string $job, Chance $chance): string
    {
        $number = static fn(int $most): int => $chance->dice->getInt(-$most, $most) ?: 1;
        $linear = static fn(): string => sprintf('%dx%+d', $number(4), $number(9));
        $quadratic = static fn(): string => sprintf('%dx^2%+dx%+d', $number(3), $number(9), $number(9));

        return match ($job) {
            'multiply' => $chance->one([
                "({$linear()})({$linear()})", "({$quadratic()})({$linear()})", "({$number(5)}x)({$linear()})",
            ]),
            'factor' => $chance->one([$quadratic(), "{$number(4)}x^2{$chance->one(['-9', '+6x'])}"]),
            'solve' => $chance->one([
                "{$linear()}={$linear()}", "{$quadratic()}=0", "({$linear()})^2={$chance->one(['0', '4', '7', '-1'])}",
                "{$number(5)}({$linear()})={$linear()}", "x/3-({$linear()})/4={$number(6)}",
            ]),
            'divide' => "({$quadratic()})/({$chance->one([$linear(), $number(5) . 'x'])})",
            'complete-square' => $quadratic(),
            default => $chance->one(['P=2a+2b for b', 'v=u+at for t', 'A=1/2(a+b)h for a', 'y=mx+c for x']),
        };
    }

    /** @return list<string> */
    private static function repeated(Demonstration $demonstration): array
    {
        $repeated = [];
        $before = '';
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                $written = self::text($line->node);
                if ($line->link === Link::Side) {
                    $repeated = [...$repeated, ...self::saysNothing($line) ? ["$step->id: $written"] : []];
                    continue;
                }
                // What a demonstration ends in is said as its answer, though it may have been reached before.
                if ($written === $before && $line->link !== Link::Result) {
                    $repeated[] = "$step->id: $written";
                }
                $before = $written;
            }
            $branches = array_filter($step->lines, static fn(Line $line): bool => $line->branch !== null);
            $before = $branches === [] ? $before : '';
        }

        return $repeated;
    }

    private static function saysNothing(Line $line): bool
    {
        return $line->node instanceof Equation
            && self::text($line->node->left) === self::text($line->node->right);
    }

    private static function text(Node $node): string
    {
        return (new PlainText())->write((new Arranger())->arrange($node));
    }
}
