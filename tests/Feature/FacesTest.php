<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use App\Faces\FigureTable;
use App\Faces\Format;
use App\Figures\Figures;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\ArrowsFigure;
use Runel\Demonstration\Figure\BridgeFigure;
use Runel\Demonstration\Figure\BridgeStage;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\LongDivisionFigure;
use Runel\Demonstration\Figure\RowsFigure;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Notation\Arranger;
use Runel\Notation\Latex;
use Runel\Notation\PlainText;
use Runel\Notation\TimesSign;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;
use Tests\Core\Chance;

/**
 * The audit proves a figure, and every face sets it anew: read back from each of them, the same numbers have to stand
 * in the same places as in the data of the figure that was audited.
 */
final class FacesTest extends TestCase
{
    /** One of each shape, and as many again by chance. */
    private const PROBLEMS = [
        '(3x-2)(2x^2+5)', '(2t^3-5t+1)(t^2-4)', '(x+1)(x+2)(x-3)', '15x^2-7x-4', '6x^2+19x+10', '-12x^2+20x+8',
        '(2x^3-5x+1)/(x-2)', '(6x^3-7x^2+4x-1)/(2x-1)', '(2x^4-5x+1)/(x^2-2)', '2x^3-3x^2-11x+6', '(x^3-4x^2+5)/(x+3)',
        '(4x^2+x+5)(x^2+3x+2)',
    ];
    private const HUNTS = ['pair-hunt', 'crossing', 'cross', 'trial-brackets'];
    /** In units of the drawing: cells of one row or column of a figure are set as exactly as this. */
    private const NEAR = 9.0;

    public function testTablesHoldWhatWasAudited(): void
    {
        $seen = [];
        foreach ($this->demonstrations() as $where => $demonstration) {
            foreach ($demonstration->steps() as $step) {
                foreach (array_filter([$step->figure, $step->aside]) as $figure) {
                    $places = self::places($figure);
                    if ($places === null) {
                        continue;
                    }
                    $seen[$figure->type()] = true;
                    $table = FigureTable::of($figure);
                    self::assertNotNull($table, $where);
                    [$table, $places] = $this->written([$table->rows, $places], new PlainText());
                    $table = \in_array($figure->type(), self::HUNTS, true) ? self::tried($table, $places) : $table;
                    self::assertSame(self::trimmed($places), self::trimmed($table), "$where $step->id");
                }
            }
        }
        ksort($seen);
        self::assertSame([
            'arcs', 'bridge', 'columns', 'cross', 'crossing', 'division-grid', 'factor-grid', 'grid', 'long-division',
            'pair-hunt', 'root-hunt', 'rows', 'tableau', 'trial-brackets', 'whole-number-twin',
        ], array_keys($seen));
    }

    public function testTextLatexAndMarkdownAreReadBackAsTheirTables(): void
    {
        $read = 0;
        foreach ($this->demonstrations() as $where => $demonstration) {
            $tables = array_values(array_filter(array_map(FigureTable::closing(...), $demonstration->sections)));
            $rows = array_map(static fn(FigureTable $table): array => $table->rows, $tables);
            $latex = $this->written($rows, new Latex());
            self::assertSame($latex, self::latex($demonstration), "$where, LaTeX");
            self::assertSame($latex, self::markdown($demonstration), "$where, Markdown");
            self::assertStandsInText($this->written($rows, new PlainText()), $demonstration, "$where, text");
            $read += \count($tables);
        }
        self::assertGreaterThan(80, $read);
    }

    public function testDrawingsAreReadBackFromTheirPositions(): void
    {
        $figures = app(Figures::class);
        $seen = [];
        foreach ($this->demonstrations() as $where => $demonstration) {
            foreach ($demonstration->steps() as $step) {
                foreach (array_filter([$step->figure, $step->aside]) as $figure) {
                    $drawn = self::drawnPlaces($figure);
                    if ($drawn !== null) {
                        $seen[$figure->type()] = true;
                        $this->assertDrawn(
                            $this->written([$drawn], new PlainText())[0],
                            self::lettering(
                                $figures->svg($figure, $demonstration->task->style),
                                $figure instanceof LongDivisionFigure,
                            ),
                            "$where $step->id {$figure->type()}",
                        );
                    }
                }
            }
        }
        ksort($seen);
        self::assertSame(
            ['columns', 'division-grid', 'factor-grid', 'grid', 'long-division', 'rows', 'tableau'],
            array_keys($seen),
        );
    }

    public function testArrowsJoinTheTermsThatAreMultiplied(): void
    {
        $style = HouseStyle::default()->with('arrows', 'on');
        $followed = 0;
        foreach (['(3x-4)(2x+7)', '(5x-2)(x^2+3x-8)', '(2a+7b-1)(4a-3b)'] as $problem) {
            $task = new Task(Problem::read($problem), $style);
            $demonstration = app(Demonstrations::class)->of($task, 'multiply', 'term-by-term');
            foreach ($demonstration->steps() as $step) {
                $figure = $step->figure;
                if (!$figure instanceof ArrowsFigure) {
                    continue;
                }
                $svg = app(Figures::class)->svg($figure, $style);
                [$terms] = $this->written([[
                    array_map(static fn(Expression $term): Node => $term->bare(), $figure->left),
                    array_map(static fn(Expression $term): Node => $term->bare(), $figure->right),
                ]], new PlainText());
                $joined = array_merge(...array_column($figure->written, 'joined'));
                preg_match_all('/d="M([\d.]+) [-\d.]+ C[^"]* ([\d.]+) [-\d.]+"/', $svg, $arrows, \PREG_SET_ORDER);
                self::assertCount(\count($joined), $arrows, "$problem $step->id");
                foreach ($joined as $place => [$start, $end]) {
                    [, $from, $to] = array_map(floatval(...), $arrows[$place]);
                    self::assertSame(
                        [$terms[0][$start], $terms[1][$end]],
                        [self::nearest($svg, $from), self::nearest($svg, $to)],
                        "$problem $step->id",
                    );
                    ++$followed;
                }
                $lit = array_merge(...array_column(array_intersect_key(
                    $figure->written,
                    array_flip($figure->lit),
                ), 'joined'));
                self::assertSame([
                    ...self::chosen($terms[0], array_column($lit, 0)),
                    ...self::chosen($terms[1], array_column($lit, 1)),
                ], self::onLight($svg), "$problem $step->id");
            }
        }
        self::assertGreaterThan(40, $followed);
    }

    /**
     * @param list<string> $terms
     * @param list<int>    $places
     *
     * @return list<string> each once, in the order of the terms
     */
    private static function chosen(array $terms, array $places): array
    {
        return array_values(array_intersect_key($terms, array_flip($places)));
    }

    /** @return list<string> what stands in the boxes on light along the topmost line of writing */
    private static function onLight(string $svg): array
    {
        $box = '/<rect x="([\d.]+)" y="([-\d.]+)" width="([\d.]+)" height="44"/';
        preg_match_all($box, $svg, $boxes, \PREG_SET_ORDER);
        $top = min([...array_map(floatval(...), array_column($boxes, 2)), INF]);

        return array_map(
            static fn(array $box): string => self::nearest($svg, (float) $box[1] + (float) $box[3] / 2),
            array_filter($boxes, static fn(array $box): bool => (float) $box[2] === $top),
        );
    }

    /** The term of the topmost line of writing whose middle is nearest. */
    private static function nearest(string $svg, float $x): string
    {
        $lettering = array_filter(
            self::lettering($svg, false),
            static fn(array $one): bool => !\in_array($one[0], ['(', ')', '+', '-'], true),
        );
        $top = min(array_column($lettering, 2));
        $line = array_filter($lettering, static fn(array $one): bool => $one[2] - $top < self::NEAR);
        usort($line, static fn(array $one, array $other): int => abs($one[1] - $x) <=> abs($other[1] - $x));

        return $line[0][0] ?? '';
    }

    /** @return iterable<string, Demonstration> */
    private function demonstrations(): iterable
    {
        $demonstrations = app(Demonstrations::class);
        $chance = new Chance(71);
        $problems = self::PROBLEMS;
        for ($more = 0; $more < Chance::seeds(4); ++$more) {
            $factors = [$chance->coefficients(1), $chance->coefficients(2)];
            $problems[] = "({$chance->polynomial($factors[0], 'x')})({$chance->polynomial($factors[1], 'x')})";
        }
        foreach ($problems as $problem) {
            $task = new Task(Problem::read($problem), HouseStyle::default());
            foreach ($demonstrations->offers($task) as $offer) {
                if ($offer->forecast !== null) {
                    $job = $offer->method->job();
                    yield "$problem $job.{$offer->method->id()}" => $demonstrations->of(
                        $task,
                        $job,
                        $offer->method->id(),
                    );
                }
            }
        }
    }

    /**
     * What a figure's data say, row by row: independent of the faces. Nothing stands where null is.
     *
     * @return list<list<Node|string|null>>|null null for a figure that is no table
     */
    private static function places(Figure $figure): ?array
    {
        $data = $figure->data();
        $row = static fn(mixed $cells): array => \is_array($cells) ? array_values($cells) : [];
        $fitting = static fn(bool $fits): string => $fits ? '✓' : '×';

        return match ($figure->type()) {
            'grid', 'factor-grid', 'division-grid' => [
                ['×', ...$row($data['top'])],
                ...array_map(
                    static fn(mixed $side, mixed $cells): array => [$side, ...$row($cells)],
                    $row($data['side']) + array_fill(0, \count($row($data['cells'])), null),
                    $row($data['cells']),
                ),
            ],
            'columns' => self::rightmost(array_values(array_filter([
                $row($data['upper']), $row($data['lower']), ...$row($data['rows']), $row($data['sums']),
            ])), \count($row($data['powers']))),
            'rows' => [
                ...array_map(static fn(mixed $one): array => \is_array($one)
                    ? [$one['multiplier'], ...$row($one['entries'])]
                    : [], $row($data['rows'])),
                ...self::totals($row($data['totals']), $row($data['groups'])),
            ],
            'arcs' => self::rightmost([
                $row($data['left']),
                $row($data['right']),
                array_slice(self::totals($row($data['totals']), range((int) $data['places'] - 1, 0))[0] ?? [], 1),
            ], (int) $data['places']),
            'tableau' => array_filter([
                [$data['corner'], ...$row($data['top'])],
                [$data['subtracts'] === true ? '−' : '+', '', ...$row($data['products'])],
                ['', ...$row($data['sums'])],
                $data['scaled'] === [] ? null : ['÷', ...$row($data['scaled'])],
            ]),
            'bridge' => $figure instanceof BridgeFigure ? self::places(match (true) {
                $figure->stage->hasReached(BridgeStage::Turned) => $figure->adding,
                $figure->stage->hasReached(BridgeStage::Pressed) => $figure->subtracting,
                default => $figure->division,
            }) : null,
            'pair-hunt', 'crossing' => array_map(static fn(array $pair): array => [
                (string) $pair['pair'][0], (string) $pair['pair'][1], (string) $pair['sum'], $fitting($pair['fits']),
            ], array_values($data['pairs'])),
            'cross', 'trial-brackets' => array_map(static fn(array $one): array => array_map(
                static fn(array $pair): Node => Product::apart(array_map(Numeral::of(...), $pair)),
                [$one['left'], $one['right']],
            ), array_values($data['arrangements'])),
            'root-hunt' => array_values(array_map(
                static fn(array $one): array => [
                    $one['value'], $one['remainder'] ?? '', $fitting($one['verdict'] === 'fits'),
                ],
                array_filter($data['candidates'], static fn(array $one): bool => $one['remainder'] !== null
                    || $one['verdict'] === 'fits'),
            )) ?: null,
            'whole-number-twin' => [array_map(strval(...), $row($data['sums'])), array_pad(
                array_map(strval(...), $row($data['digits'])),
                -\count($row($data['sums'])),
                '',
            )],
            'long-division' => self::divided($data, $figure instanceof LongDivisionFigure && $figure->turns),
            default => null,
        };
    }

    /** @return list<list<Node|string|null>>|null of the figures whose drawing is a table, too */
    private static function drawnPlaces(Figure $figure): ?array
    {
        $isTable = \in_array($figure->type(), [
            'grid', 'factor-grid', 'division-grid', 'columns', 'rows', 'tableau', 'long-division',
        ], true);

        $places = $isTable ? self::places($figure) : null;
        if ($places !== null && $figure instanceof RowsFigure) {
            foreach ($figure->multipliers as $row => $multiplier) {
                $places[$row][0] = Product::of([$multiplier, $figure->multiplied]);
            }
        }

        return $places;
    }

    /**
     * @param list<mixed> $totals group and sum
     * @param list<mixed> $groups in the order of the columns
     *
     * @return list<list<Node|string|null>> one row, or none while nothing is added up
     */
    private static function totals(array $totals, array $groups): array
    {
        $sums = array_column($totals, 'sum', 'group');

        return $sums === [] ? [] : [['', ...array_map(static fn(mixed $group): mixed => $sums[$group] ?? '', $groups)]];
    }

    /**
     * @param list<list<Node|string|null>> $rows
     *
     * @return list<list<Node|string|null>>
     */
    private static function rightmost(array $rows, int $wide): array
    {
        return array_map(static fn(array $row): array => [
            ...array_fill(0, $wide - \count($row), ''), ...$row,
        ], $rows);
    }

    /**
     * The quotient over the columns it belongs to, what is taken away and what is left under the terms of their degree.
     *
     * @param array<string, mixed> $data
     *
     * @return list<list<Node|string|null>>
     */
    private static function divided(array $data, bool $turns): array
    {
        [$dividend, $divisor, $quotient] = array_map(array_values(...), [
            $data['dividend'], $data['divisor'], $data['quotient'],
        ]);
        $wide = \count($dividend);
        $placed = static fn(array $cells, int $from): array => [
            ...array_fill(0, $from, ''), ...$cells, ...array_fill(0, max(0, $wide - $from - \count($cells)), ''),
        ];
        $rows = [
            ['', ...$placed($quotient, \count($divisor) - 1)],
            [\Runel\Expression\Sum::of($divisor), ...$dividend],
        ];
        foreach (array_values($data['rounds']) as $place => $round) {
            if ($round['product'] !== []) {
                $rows[] = [$turns ? '' : '−', ...$placed(array_values($round['product']), $place)];
            }
            if ($round['difference'] !== []) {
                $rows[] = ['', ...$placed([
                    ...array_values($round['difference']),
                    ...($round['down'] === null ? [] : [$round['down']]),
                ], $place + 1)];
            }
        }

        return $rows;
    }

    /**
     * @param list<list<list<Node|string|null>>> $tables
     *
     * @return list<list<list<string>>>
     */
    private function written(array $tables, Latex|PlainText $writer): array
    {
        $arranger = new Arranger(HouseStyle::default()->get(TimesSign::class));

        return array_map(static fn(array $rows): array => array_map(static fn(array $row): array => array_map(
            static fn(Node|string|null $cell): string => self::plain($cell instanceof Node
                ? $writer->write($arranger->arrange($cell))
                : (string) $cell),
            $row,
        ), $rows), $tables);
    }

    /** Without what only sets it: a minus is a minus, a space nothing. */
    private static function plain(string $cell): string
    {
        return strtr(trim($cell, " \n$"), [
            '−' => '-', ' ' => '', "\u{a0}" => '', "\u{202f}" => '', '\,' => '', '\checkmark' => '✓',
            '\times' => '×', '✗' => '×', '\cdots' => '⋯', '$' => '', '⁰' => '0', '¹' => '1', '²' => '2', '³' => '3',
            '⁴' => '4', '⁵' => '5', '⁶' => '6', '⁷' => '7', '⁸' => '8', '⁹' => '9',
        ]);
    }

    /**
     * What was tried, without what stands over it and what says how many are passed over; as wide as the data are.
     *
     * @param list<list<string>> $table
     * @param list<list<string>> $places
     *
     * @return list<list<string>>
     */
    private static function tried(array $table, array $places): array
    {
        $rows = array_filter(\array_slice($table, 1), static fn(array $row): bool => $row[0] !== '⋯');

        return array_map(
            static fn(array $row): array => \array_slice($row, 0, \count($places[0] ?? [])),
            array_values($rows),
        );
    }

    /**
     * Without rows and places at the end in which nothing stands.
     *
     * @param list<list<string>> $rows
     *
     * @return list<list<string>>
     */
    private static function trimmed(array $rows): array
    {
        return array_values(array_filter(array_map(static function (array $row): array {
            while ($row !== [] && $row[\count($row) - 1] === '') {
                array_pop($row);
            }

            return $row;
        }, $rows)));
    }

    /** @return list<list<list<string>>> */
    private static function latex(Demonstration $demonstration): array
    {
        $text = app(Faces::class)->face(Format::Latex)->write($demonstration);
        preg_match_all('/\\\\begin\{array\}\{[^}]*\}\n(.*?)\\\\end\{array\}/s', $text, $tables);

        return array_map(static fn(string $table): array => array_map(
            static fn(string $row): array => array_map(
                self::plain(...),
                explode('&', (string) preg_replace('/ \\\\\\\\( \\\\hline)?$/', '', $row)),
            ),
            explode("\n", trim($table)),
        ), $tables[1]);
    }

    /** @return list<list<list<string>>> */
    private static function markdown(Demonstration $demonstration): array
    {
        $tables = [];
        $isOpen = false;
        foreach (explode("\n", app(Faces::class)->face(Format::Markdown)->write($demonstration)) as $line) {
            if (!str_starts_with($line, '|')) {
                $isOpen = false;
            } elseif (!str_contains($line, '---')) {
                $isOpen ? null : $tables[] = [];
                $isOpen = true;
                $tables[\count($tables) - 1][] = array_map(self::plain(...), explode('|', substr($line, 1, -1)));
            }
        }

        return $tables;
    }

    /**
     * In text a column is where its cells end.
     *
     * @param list<list<list<string>>> $tables
     */
    private static function assertStandsInText(array $tables, Demonstration $demonstration, string $where): void
    {
        $lines = explode("\n", app(Faces::class)->face(Format::Text)->write($demonstration));
        $from = 0;
        foreach ($tables as $number => $rows) {
            $wanted = array_map(static fn(array $row): string => implode('', $row), $rows);
            $found = [];
            for ($first = $from; $first < \count($lines); ++$first) {
                $found = self::block($lines, $first, \count($rows));
                if (array_map(static fn(array $row): string => implode('', $row), $found) === $wanted) {
                    break;
                }
            }
            self::assertLessThan(\count($lines), $first, "$where: table $number is not there");
            $ends = [];
            foreach ($rows as $place => $row) {
                $cells = array_filter($row, static fn(string $cell): bool => $cell !== '');
                self::assertSame(array_values($cells), array_values($found[$place]), $where);
                foreach (array_combine(array_keys($cells), array_keys($found[$place])) as $column => $end) {
                    self::assertSame($end, $ends[$column] ??= $end, "$where: column $column of table $number");
                }
            }
            ksort($ends);
            self::assertSame($ends, array_filter($ends, 'is_int'), $where);
            $sorted = $ends;
            sort($sorted);
            self::assertSame(array_values($ends), $sorted, "$where: columns of table $number in their order");
            $from = $first + 1;
        }
    }

    /**
     * @param list<string> $lines
     *
     * @return list<array<int, string>> of each line the cells by where they end
     */
    private static function block(array $lines, int $first, int $count): array
    {
        $rows = [];
        for ($line = $first; $line < \count($lines) && \count($rows) < $count; ++$line) {
            if (str_contains($lines[$line], '──')) {
                continue;
            }
            $cells = [];
            $bare = str_replace('│', ' ', $lines[$line]);
            preg_match_all('/\S+(?: \S+)*/u', $bare, $found, \PREG_OFFSET_CAPTURE);
            foreach ($found[0] as [$cell, $byte]) {
                $cells[mb_strlen(substr($bare, 0, $byte) . $cell)] = self::plain($cell);
            }
            $rows[] = $cells;
        }

        return $rows;
    }

    /**
     * @param bool $isRunning whether terms stand as in running text, each behind its sign
     *
     * @return list<array{string, float, float}> what is written where: the text, its middle and its base line
     */
    private static function lettering(string $svg, bool $isRunning): array
    {
        $sign = '';
        $document = new \DOMDocument();
        $document->loadXML($svg);
        $written = [];
        foreach ($document->getElementsByTagName('text') as $text) {
            $xs = [];
            $base = [];
            foreach ([$text, ...iterator_to_array($text->getElementsByTagName('tspan'))] as $one) {
                if ($one->hasAttribute('x')) {
                    $size = (float) $one->getAttribute('font-size');
                    $xs[] = (float) $one->getAttribute('x');
                    $base["$size"] = (float) $one->getAttribute('y');
                    $xs[] = (float) $one->getAttribute('x')
                        + ($one === $text ? 0 : 0.5 * $size * mb_strlen($one->textContent));
                }
            }
            krsort($base, \SORT_NUMERIC);
            $own = self::plain($text->textContent);
            if ($isRunning && \in_array($own, ['-', '+'], true)) {
                $sign = trim($own, '+');
                continue;
            }
            $written[] = [
                $sign . $own,
                (min([...$xs, 9e9]) + max([...$xs, 0.0])) / 2,
                (float) array_values($base)[0],
            ];
            $sign = '';
        }

        return $written;
    }

    /**
     * Each row on a line of its own, one under the other; each column over itself, one beside the other.
     *
     * @param list<list<string>>                $rows
     * @param list<array{string, float, float}> $lettering
     */
    private function assertDrawn(array $rows, array $lettering, string $where): void
    {
        $columns = [];
        $above = -1.0;
        foreach ($rows as $row) {
            $isSign = static fn(string $cell): bool => \in_array($cell, ['', '-', '+', '×', '÷'], true);
            $cells = array_filter($row, static fn(string $cell): bool => !$isSign($cell));
            if ($cells === []) {
                continue;
            }
            // The line of a fraction is drawn, not written.
            $line = self::lineOf(str_replace('/', '', array_values($cells)), $lettering, $above);
            self::assertNotNull($line, "$where: no line holds " . implode(' | ', $cells));
            [$above, $middles] = $line;
            foreach (array_combine(array_keys($cells), $middles) as $column => $middle) {
                $columns[$column][] = $middle;
            }
        }
        ksort($columns);
        $before = -1.0;
        foreach ($columns as $column => $middles) {
            self::assertGreaterThan($before, min($middles), "$where: column $column");
            $before = max($middles);
        }
    }

    /**
     * The next line, from above, that holds these cells side by side.
     *
     * @param list<string>                      $cells
     * @param list<array{string, float, float}> $lettering
     *
     * @return array{float, list<float>}|null its height and the middles of the cells
     */
    private static function lineOf(array $cells, array $lettering, float $above): ?array
    {
        $bases = array_unique(array_column($lettering, 2));
        sort($bases);
        foreach ($bases as $base) {
            $line = array_values(array_filter($lettering, static fn(array $one): bool =>
                abs($one[2] - $base) < self::NEAR));
            usort($line, static fn(array $one, array $other): int => $one[1] <=> $other[1]);
            if ($base <= $above + self::NEAR) {
                continue;
            }
            $middles = [];
            $from = 0;
            foreach ($cells as $cell) {
                $rest = array_column(\array_slice($line, $from), 0);
                $found = array_search($cell, $rest, true);
                if ($found === false) {
                    continue 2;
                }
                $middles[] = $line[$from + $found][1];
                $from += $found + 1;
            }

            return [$base, $middles];
        }

        return null;
    }
}
