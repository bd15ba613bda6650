<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demonstrations\Demonstrations;
use App\Figures\Figures;
use App\Figures\Ink;
use App\Figures\Typesetter;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Notation\Arranger;
use Runel\Parsing\Parser;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;
use Tests\Core\Chance;

/**
 * Every figure of random demonstrations: well-formed, alone, nothing outside its frame, nothing on top of something
 * else.
 */
final class FiguresTest extends TestCase
{
    private const PROBLEMS = [
        '15x^2-7x-4', '-12x^2+27', '5040x^2+143x+1', '6x^2+19xy+10y^2', 'x^2+x-5039', '4x^2=12x+7', '(2x+3y)(x-4y+5)',
        '(3p+8)^2', '(x+5)(x-3)(2x+1)',
        '(1/2x-3/4)(x^2+2/3)', '(123456x+7)(x-98765)', '(4x^2+x+5)(x^2+3x+2)', '720720x^2+x-1386000', '9x^2-25',
    ];

    public function testEveryFigureIsDrawnWithinItsFrame(): void
    {
        [$figures, $demonstrations] = [app(Figures::class), app(Demonstrations::class)];
        $types = [];
        foreach (self::PROBLEMS as $seed => $typed) {
            $task = new Task(Problem::read($typed), (new Chance($seed + 1))->style());
            foreach ($demonstrations->offers($task) as $offer) {
                if ($offer->forecast === null) {
                    continue;
                }
                $demonstration = $demonstrations->of($task, $offer->method->job(), $offer->method->id());
                foreach ($demonstration->steps() as $step) {
                    foreach (array_filter([$step->figure, $step->aside]) as $figure) {
                        $this->assertSoundPicture(
                            $figures->svg($figure, $task->style),
                            "$typed {$offer->method->id()} {$step->id}",
                        );
                        $types[$figure->type()] = true;
                    }
                }
            }
        }
        ksort($types);
        self::assertSame([
            'arcs',
            'arrows',
            'columns',
            'cross',
            'crossing',
            'crossing-grid',
            'curve',
            'factor-grid',
            'grid',
            'heaps',
            'pair-hunt',
            'ringed-square', 'rows',
            'signed-brackets',
            'square-tiles',
            'trial-brackets',
            'two-squares',
            'whole-number-twin',
        ], array_keys($types));
    }

    public function testSmallNumbersStandAtRootsAndAtTheFootOfLetters(): void
    {
        $pieces = (new Typesetter(new Arranger()))->set(Parser::parse('root(5,x_1)')->node, 20)->pieces;
        self::assertSame(['x', '1', '5'], array_column($pieces, 'text'));
        [$letter, $foot, $index] = $pieces;
        self::assertGreaterThan($letter['y'], $foot['y']);
        self::assertGreaterThan($letter['x'], $foot['x']);
        self::assertLessThan($letter['y'], $index['y']);
        self::assertLessThan($letter['x'], $index['x']);
        self::assertGreaterThan($index['size'], $letter['size']);
    }

    /** A curve that meets no axis is drawn as far as it turns: what it falls it rises again. */
    public function testACurveWithoutRootsTurnsWhereItIsSeen(): void
    {
        foreach (['x^4+x+1=0' => 1, '-x^4+x=2' => -1] as $typed => $opens) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            $steps = app(Demonstrations::class)->of($task, 'solve', 'real-roots')->steps();
            $figure = $steps[\count($steps) - 1]->figure;
            self::assertNotNull($figure);
            file_put_contents('/tmp/fig.svg', app(Figures::class)->svg($figure, $task->style));
            // The curve is the path with the most points.
            preg_match_all('/<path d="([^"]*)"/', app(Figures::class)->svg($figure, $task->style), $paths);
            usort($paths[1], static fn(string $one, string $other): int => \strlen($other) <=> \strlen($one));
            preg_match_all('/[\d.]+ ([\d.]+)/', $paths[1][0] ?? '', $points);
            $heights = array_map(static fn(string $down): float => -$opens * (float) $down, $points[1]);
            [$begin, $end] = [$heights[0] ?? 0.0, $heights[\count($heights) - 1] ?? 0.0];
            self::assertLessThan(min($begin, $end) - 60, min([0.0, ...$heights]), "$typed turns");
        }
    }

    /** What is told by colour is told by the line, too: its dashes, or two lines for one. */
    public function testNoTwoDegreesHaveOneLine(): void
    {
        $figures = app(Figures::class);
        foreach (['(4x+5)(x^2+3x+2)' => 'grid', '(2x+1)(x^2+3x+5)' => 'columns'] as $typed => $method) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            $steps = app(Demonstrations::class)->of($task, 'multiply', $method)->steps();
            $svg = implode('', array_map(
                static fn(Step $step): string => $step->figure === null
                    ? ''
                    : $figures->svg($step->figure, $task->style),
                $steps,
            ));
            $lines = [];
            foreach (range(0, 3) as $ink) {
                $colour = Ink::colour($ink);
                preg_match_all("/<path [^>]*stroke=\"$colour\" stroke-width=\"([^>]*)>/", $svg, $found);
                self::assertNotSame([], $found[0], "$typed: degree $ink");
                self::assertCount(1, array_unique($found[1]), "$typed: one line for degree $ink");
                $lines[] = $found[1][0];
            }
            self::assertCount(4, array_unique($lines), "$typed: " . implode(', ', $lines));
        }
    }

    private function assertSoundPicture(string $svg, string $where): void
    {
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML($svg), $where);
        self::assertDoesNotMatchRegularExpression('/[">]-?(NAN|INF)|\s(class|style|href|on\w+)=/', $svg, $where);
        $root = $document->documentElement;
        self::assertInstanceOf(\DOMElement::class, $root);
        [, , $width, $height] = array_map('floatval', explode(' ', $root->getAttribute('viewBox')));
        self::assertNotSame('', $root->getAttribute('aria-label'));
        $columns = [];
        foreach ($document->getElementsByTagName('*') as $element) {
            $holds = $element->tagName === 'text' && $element->getElementsByTagName('tspan')->length > 0;
            if ($holds || !\in_array($element->tagName, ['text', 'tspan', 'rect', 'circle'], true)) {
                continue;
            }
            $x = (float) ($element->getAttribute('x') ?: $element->getAttribute('cx'));
            $y = (float) ($element->getAttribute('y') ?: $element->getAttribute('cy'));
            self::assertTrue(
                $x >= 0 && $x <= $width && $y >= 0 && $y <= $height,
                "$where: {$element->tagName} at $x, $y outside $width × $height",
            );
            if ($element->tagName === 'rect') {
                self::assertLessThanOrEqual(
                    $width + 1,
                    $x + (float) $element->getAttribute('width'),
                    "$where: a box leaves the frame",
                );
                self::assertLessThanOrEqual(
                    $height + 1,
                    $y + (float) $element->getAttribute('height'),
                    "$where: a box leaves the frame",
                );
            }
            if ($element->tagName === 'tspan') {
                $columns["$x $y " . $element->getAttribute('font-size')][] = $element->textContent;
            }
        }
        foreach ($columns as $place => $texts) {
            self::assertCount(1, $texts, "$where: " . implode(' and ', $texts) . " on top of one another at $place");
        }
    }
}
