<?php

declare(strict_types=1);

namespace Tests\Golden;

/** Which demonstrations are held word for word: problem, job, method, style, choices. */
final class Scenes
{
    private const EVERY = [
        'binomials' => ['(4n - 3)(n + 7)', 'multiply', ['grid', 'term-by-term', 'by-degree', 'columns']],
        'gaps' => ['(3t^3 - 4t + 2)(t^2 - 5)', 'multiply', ['grid', 'term-by-term', 'by-degree', 'columns']],
        'full' => ['(2x^2 + 3x + 4)(x^2 + x + 6)', 'multiply', ['grid', 'term-by-term', 'by-degree', 'columns']],
        'letters' => ['(2xy - 3)(xy + 4)', 'multiply', ['grid', 'term-by-term']],
        'three' => ['(k + 4)(k - 6)(3k + 1)', 'multiply', ['grid', 'term-by-term', 'by-degree', 'columns']],
        'fractions' => ['(1/2x + 3)(2/3x - 5)', 'multiply', ['grid', 'term-by-term']],
        'one-term' => ['-3a(2a - 7b)', 'multiply', ['grid', 'term-by-term']],
        'named' => ['(x - 1)(x + 2)(3x - 4) = ax^3 + bx^2 + cx + d', 'multiply', ['grid']],
        'square' => ['(3p - 8)^2', 'multiply', ['special']],
        'difference' => ['(5x - 2)(5x + 2)', 'multiply', ['special']],
        'monic' => ['n^2 - 4n - 45', 'factor', ['sum-product', 'split-middle', 'product-grid', 'cross', 'trial']],
        'leading' => [
            '12p^2 - 11p - 15',
            'factor',
            ['split-middle', 'product-grid', 'cross', 'trial', 'scale', 'scale-why'],
        ],
        'common' => ['-6x^2 + 27x - 30', 'factor', ['split-middle', 'product-grid', 'cross', 'trial', 'scale']],
        'prime' => ['3x^2 + 7x + 5', 'factor', ['split-middle', 'product-grid', 'cross', 'trial']],
        'long' => ['x^2 + 104x - 5040', 'factor', ['sum-product']],
        'two-letters' => ['6x^2 + 19xy + 10y^2', 'factor', ['split-middle', 'product-grid', 'scale-why']],
        'square-form' => ['4t^2 - 12t + 9', 'factor', ['special']],
        'difference-form' => ['9t^2 - 49', 'factor', ['special']],
        'no-last' => ['6x^2 + 9x', 'factor', ['special']],
        'equation' => ['4x^2 = 12x + 7', 'solve', ['factoring']],
        'equation-double' => ['4x^2 - 12x + 9 = 0', 'solve', ['factoring']],
        'equation-product' => ['(3 - x)(2x + 1) = 0', 'solve', ['factoring']],
        'sides' => ['Show that (2n + 1)^2 - (2n - 1)^2 = 8n', 'show', ['both-sides']],
        'sides-both' => ['Prove that 3(x + 2)(x - 1) - (x - 4) = 2(x - 1) + 3x^2', 'show', ['both-sides']],
        'sides-right' => ['x^2 + 4x + 9 = (x + 2)^2 + 5', 'show', ['both-sides']],
        'sides-open' => ['verify that a + 4b = 2a + 3b - (a - b)', 'show', ['both-sides']],
        'sides-plus' => ['show that 5 + (2a - b) = 2a + (5 - b)', 'show', ['both-sides']],
        'sides-over' => ['Show that ((n + 1)^2 - (n - 1)^2)/4 + (n + 2)/2 = (3n + 2)/2', 'show', ['both-sides']],
        'sides-single' => ['show that (x+3)(x+4) = x^2+7x+12', 'show', ['both-sides']],
        'roads' => ['x^2 + 10 = -7x', 'solve', ['completing-square', 'formula']],
        'roads-surd' => ['5x^2 - 14x + 6 = 0', 'solve', ['completing-square', 'formula']],
        'standing-square' => ['(2x - 3)^2 = 50', 'solve', ['square-roots']],
        'no-real' => ['t^2 + 2t + 9 = 0', 'solve', ['completing-square', 'formula']],
        'parabola' => ['y = 2x^2 - 12x + 11', 'complete-square', ['vertex']],
        'common-letter' => ['2x^3 + 6x^2 - 20x', 'factor', ['split-middle']],
        'sum-of-products' => ['2(x + 1) - 3(x - 4)', 'multiply', ['term-by-term']],
        'chain' => ['(x + y)(x - y)(x^2 + y^2)', 'multiply', ['special']],
        'roots-multiplied' => ['(x + √2)(x - √2)', 'multiply', ['special', 'grid']],
        'product-not-zero' => ['(x - 1)(x + 2) = 10', 'solve', ['factoring']],
        'fractional' => ['x^2/6 + x/2 = 1/3', 'solve', ['formula']],
        'division' => ['(3x^3 - 11x^2 + 4)/(x - 2)', 'divide', ['synthetic', 'long', 'grid', 'bridge']],
        'division-leading' => ['(6x^3 - 7x^2 + 4x - 1) ÷ (2x - 1)', 'divide', ['synthetic', 'long']],
        'division-quadratic' => ['divide t^5 - 3t^3 + 2 by t^2 + t - 1', 'divide', ['long', 'grid']],
        'division-unknown' => ['find k so that t + 3 is a factor of t^3 + kt - 12', 'divide', ['synthetic']],
        'cubic' => ['2x^3 - 3x^2 - 8x + 12 = 0', 'solve', ['rational-roots']],
        'quartic' => ['6n^4 - 5n^3 - 14n^2 + n + 12', 'factor', ['rational-roots']],
        'quartic-even' => ['x^4 - 5x^2 + 6 = 0', 'solve', ['rational-roots']],
        'cubic-prime' => ['m^3 + m + 1', 'factor', ['rational-roots']],
        'cubic-prime-equation' => ['t^3 + 2t = 5', 'factor', ['rational-roots']],
        'cubic-prime-part' => ['x^3 - 2x - 4 = 0', 'solve', ['rational-roots']],
        'cubic-prime-rest' => ['x^3 - 2x - 4', 'factor', ['rational-roots']],
        'cubic-surds' => ['x^3 - x^2 - 3x - 1', 'factor', ['rational-roots']],
        'quartic-none' => ['y^4 + 5y^2 + 4 = 0', 'solve', ['rational-roots']],
        'quartic-split' => ['9k^4 - 13k^2 + 4', 'factor', ['rational-roots']],
        'quintic-left' => ['2x^5 + 2x^2 + 2x', 'factor', ['rational-roots']],
        'single-term-below' => ['(6x^3 - 9x^2 + 3x + 5)/(3x)', 'divide', ['term-by-term']],
        'number-below' => ['(8m^2 - 5m)/4', 'divide', ['term-by-term']],
        'powers-divided' => ['(y^5 - 2y^2)/(y^2)', 'divide', ['term-by-term', 'long']],
        'pendulum' => ['T = 2π√(l/g) for l', 'rearrange', ['balance']],
        'balance' => ['5x + 2 = 2x + 11', 'solve', ['balance']],
        'balance-brackets' => ['3(n - 4) - 2(n + 1) = 7 - 4n', 'solve', ['balance']],
        'balance-fractions' => ['(x + 1)/2 - (x - 3)/5 = 4', 'solve', ['balance']],
        'formula-tidied' => ['P = 2a + b + 3a - 4 for a', 'rearrange', ['balance']],
        'balance-none' => ['2(x + 1) = 2x + 5', 'solve', ['balance']],
        'root-equation' => ['√(3x + 1) - √(x + 4) = 1', 'solve', ['isolate-roots']],
        'root-equation-none' => ['√(t + 2) = -t - 4', 'solve', ['isolate-roots']],
        'formula' => ['A = 1/2(a + b)h for b', 'rearrange', ['balance']],
        'pi-rounded' => ['Solve 2πr + π = 10 to 3 s.f.', 'rearrange', ['balance']],
        'pi-squared' => ['(x - π)^2 = 9π^2', 'rearrange', ['balance']],
        'pi-zero' => ['π(x + 1)^2 = 0', 'rearrange', ['balance']],
        'pi-sum' => ['π(r + 2)^2 - πr^2', 'multiply', ['term-by-term']],
        'pi-grid' => ['2π(r + 3)(r - 1)', 'multiply', ['grid']],
        'formula-collected' => ['y = (x + 1)/(x - 2) for x', 'rearrange', ['balance']],
        'formula-root' => ['T = 2p√(l/g) for l', 'rearrange', ['balance']],
        'formula-square' => ['E = 1/2 m v^2 for v', 'rearrange', ['balance']],
        'rounded' => ['Solve 4x^2 + 9x - 3 = 0. Give your answers to 3 significant figures.', 'solve', ['formula']],
        'equation-lost-root' => ['6x^2 = 9x', 'solve', ['factoring']],
    ];

    private const STYLED = [
        'monic-british' => ['n^2 - 4n - 45', 'factor', 'sum-product', ['words' => 'uk']],
        'leading-british' => ['12p^2 - 11p - 15', 'factor', 'trial', ['words' => 'uk', 'times' => 'cross']],
        'leading-signs-last' => ['12p^2 - 11p - 15', 'factor', 'cross', ['cross-signs' => 'last']],
        'common-inside' => ['-6x^2 + 27x - 30', 'factor', 'trial', ['minus-one' => 'inside', 'verdict' => 'held']],
        'gaps-british' => ['(3t^3 - 4t + 2)(t^2 - 5)', 'multiply', 'grid', [
            'words' => 'uk',
            'grid-long-edge' => 'side',
            'outer-terms-first' => 'on',
        ]],
        'binomials-in-head' => ['(4n - 3)(n + 7)', 'multiply', 'term-by-term', [
            'middle-terms' => 'in-head',
            'times' => 'none',
        ]],
        'roads-out' => ['5x^2 - 14x + 6 = 0', 'solve', 'completing-square', [
            'words' => 'uk',
            'leading' => 'factor-out',
            'square-books' => 'same-side',
            'half-squared' => 'keep',
            'answers' => 'both',
        ]],
        'division-british' => ['(3x^3 - 11x^2 + 4)/(x - 2)', 'divide', 'bridge', ['words' => 'uk', 'times' => 'cross']],
        'unit-imaginary' => ['(3x - 7)^2 = -1', 'solve', 'square-roots', ['negative-root' => 'complex']],
        'imaginary' => ['x^2 - 4x + 9 = 0', 'solve', 'formula', ['negative-root' => 'complex']],
        'prime-british' => ['t^3 + 2t = 5', 'factor', 'rational-roots', ['words' => 'uk']],
        'balance-across' => ['5x + 2 = 2x + 11', 'solve', 'balance', ['words' => 'uk', 'moving' => 'across']],
        'formula-across' => ['A = 1/2(a + b)h for b', 'rearrange', 'balance', ['moving' => 'across']],
        'equation-british' => ['4x^2 = 12x + 7', 'solve', 'factoring', ['words' => 'uk', 'moving' => 'across']],
    ];

    /**
     * @return iterable<string, array{problem: string, job: string, method: string, style: array<string, string>,
     *     choices?: array<string, string>}>
     */
    public static function all(): iterable
    {
        foreach (self::EVERY as $name => [$problem, $job, $methods]) {
            foreach ($methods as $method) {
                yield "$name.$method" => ['problem' => $problem, 'job' => $job, 'method' => $method, 'style' => []];
            }
        }
        foreach (self::STYLED as $name => [$problem, $job, $method, $style]) {
            yield "$name.$method" => ['problem' => $problem, 'job' => $job, 'method' => $method, 'style' => $style];
        }
        foreach (self::rows('more-scenes') as $number => $row) {
            [$problem, $job, $method, $style] = $row;
            yield \sprintf('more-%02d.%s', $number + 1, $method) => [
                'problem' => $problem,
                'job' => $job,
                'method' => $method,
                'style' => $style,
                'choices' => $row[4] ?? [],
            ];
        }
    }

    /** @return iterable<array{string, string, string, string, string, array<string, string>}> key, value, a road */
    public static function habits(): iterable
    {
        foreach (self::rows('habits') as $row) {
            /** @var array{string, string, string, string, string, 5?: array<string, string>} $row */
            yield [$row[0], $row[1], $row[2], $row[3], $row[4], $row[5] ?? []];
        }
    }

    /**
     * Problem, job, method, style and choices.
     *
     * @return list<array{0: string, 1: string, 2: string, 3: array<string, string>, 4?: array<string, string>}>
     */
    public static function rows(string $file): array
    {
        /** @var list<array{0: string, 1: string, 2: string, 3: array<string, string>, 4?: array<string, string>}> */
        return array_map(
            static fn(string $row): mixed => json_decode($row, true, 8, \JSON_THROW_ON_ERROR),
            file(__DIR__ . "/$file.ndjson", \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES) ?: [],
        );
    }
}
