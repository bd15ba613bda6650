<?php

declare(strict_types=1);

namespace App\Style;

use App\Demonstrations\Demonstrations;
use App\Page\PageFace;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Step;
use Runel\Demonstration\TaskReference;
use Runel\Expression\Equation;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Message\Refusal;
use Runel\Style\Calculator;
use Runel\Style\HouseStyle;
use Runel\Working\Keypad;

/** What each value of a house-style key changes, shown on a small problem of its own: real demonstrations, cut down. */
final readonly class Miniatures
{
    /**
     * The keys that matter so far, and where their difference is seen: problem, job, method, and the steps that show
     * it, the last of them that is there.
     */
    private const SCENES = [
        'words' => null,
        'times' => ['(2x + 7)(x - 3)', 'multiply', 'term-by-term', 'product-1-2'],
        'grid-long-edge' => ['(x + 2)(x^2 + 3x + 5)', 'multiply', 'grid', 'edges'],
        'outer-terms-first' => ['(2x + 1)(x + 4)', 'multiply', 'grid', 'cell-2-2'],
        'zero-cells' => ['(x^2 + 3)(x + 2)', 'multiply', 'grid', 'zeros'],
        'grid-collect' => ['(2x + 1)(x + 4)', 'multiply', 'grid', 'corners', 'collect-2'],
        'places-order' => ['(x^2 + 2x + 3)(x + 4)', 'multiply', 'by-degree', 'degree-3', 'degree-0', 'degree-2'],
        'arrows' => ['(x + 6)(x - 2)', 'multiply', 'term-by-term', 'product-2-1'],
        'bracket-back' => ['(x + 6)(x - 2)', 'multiply', 'term-by-term', 'split'],
        'minus-one' => ['-4x^2 + 10x + 6', 'factor', 'trial', 'brackets', 'complete'],
        'pair-order' => ['x^2 + x - 42', 'factor', 'sum-product', 'pair-1'],
        'cross-signs' => ['2x^2 - 5x - 3', 'factor', 'cross', 'place-signs'],
        'trial-signs' => ['2x^2 - 5x - 3', 'factor', 'trial', 'trial-1'],
        'crossing-middle' => ['6x^2 + 11x + 4', 'factor', 'product-grid', 'target'],
        'crossing-letters' => ['6x^2 + 11x + 4', 'factor', 'product-grid', 'target'],
        'crossing-grid' => ['6x^2 + 11x + 4', 'factor', 'product-grid', 'target'],
        'pairs-listed' => ['6x^2 + 11x + 4', 'factor', 'trial', 'pairs-listed'],
        'turned-column' => ['3x^2 + 8x - 16', 'factor', 'cross', 'trial-2'],
        'verdict' => ['2x^2 + 9x + 7', 'factor', 'trial', 'verdict'],
        'check-by' => null,
        'favourite' => null,
        'moving' => ['(x - 3)(x + 4) = 0', 'solve', 'factoring', 'solve-1'],
        'unknown-side' => ['2x + 9 = 5x', 'solve', 'balance', 'gather'],
        'collect-first' => ['5x + 4 = 2x + 19', 'solve', 'balance', 'gather-number', 'gather'],
        'sides-turned' => ['17 = 2x + 3', 'solve', 'balance', 'number'],
        'gathered' => ['10 - 3x - x^2 = 0', 'solve', 'factoring', 'standard-form', 'minus-one'],
        'denominators' => ['x/2 + x/3 = 5', 'solve', 'balance', 'clear', 'collect'],
        'substitution' => ['x^4 - 5x^2 + 4 = 0', 'solve', 'substitution', 'name', 'back'],
        'answers' => ['x^2 - 4x + 1 = 0', 'solve', 'formula', 'decimals', 'solutions'],
        'places' => null,
        'calculator' => null,
        'leading' => ['3x^2 + 12x = 6', 'solve', 'completing-square', 'divide', 'factor-out'],
        'square-order' => ['2x^2 + 12x - 14 = 0', 'solve', 'completing-square', 'divide', 'gather', 'factor-all'],
        'square-shown' => ['x^2 + 8x = 33', 'solve', 'completing-square', 'square', 'factored', 'ring-half'],
        'why-this-way' => ['x^2 + 6x + 4 = 0', 'solve', 'completing-square', 'no-pair'],
        'after-root' => ['(x - 2)^2 = 7', 'solve', 'square-roots', 'both-roots'],
        'rational-pair' => ['x^2 + 5x = 14', 'solve', 'completing-square', 'alone'],
        'root-of-fraction' => ['x^2 = 3/5', 'solve', 'square-roots', 'simplify-root', 'both-roots'],
        'square-books' => ['x^2 + 8x = 33', 'solve', 'completing-square', 'fill'],
        'half-squared' => ['x^2 + 5x = 1', 'solve', 'completing-square', 'fill'],
        'root-common' => ['2√(x + 1) = 4x', 'solve', 'isolate-roots', 'square-1'],
        'root-square' => ['√(x + 6) = x - 2', 'solve', 'isolate-roots', 'multiply-out-1'],
        'fractions' => ['x^2 + 3x + 1 = 0', 'solve', 'formula', 'solutions', 'simplify-root'],
        'negative-root' => ['x^2 = -5', 'solve', 'square-roots', 'simplify-root', 'both-roots', 'no-solution'],
        'middle-terms' => ['(x + 6)(x - 2)', 'multiply', 'term-by-term', 'middle', 'collect-1'],
    ];

    /** Methods whose difference is in their figure. */
    private const FIGURES = ['grid', 'by-degree', 'product-grid', 'cross', 'trial'];

    public function __construct(private Demonstrations $demonstrations, private PageFace $page) {}

    /** The miniature of a value, as HTML. */
    public function html(HouseStyle $style, string $key, string $value): string
    {
        $scene = self::SCENES[$key] ?? null;
        if ($scene === null) {
            return match ($key) {
                'words' => $this->page->in($style->with($key, $value))->word('style.sample'),
                'calculator' => self::keys(Calculator::from($value)),
                default => '',
            };
        }
        [$problem, $job, $method] = $scene;
        $wanted = \array_slice($scene, 3);
        $own = $style->with($key, $value);
        try {
            $steps = $this->demonstrations->of(
                (new TaskReference($problem, $job, $method, $own))->task(),
                $job,
                $method,
            )->steps();
        } catch (Refusal) {
            $steps = [];
        }
        foreach (array_reverse($steps) as $step) {
            $shows = $step->lines !== [] || $step->figure !== null;
            if ($shows && \in_array($step->id, $wanted, true)) {
                return $this->step($step, $this->page->in($own), \in_array($method, self::FIGURES, true));
            }
        }

        // What is held back is not there to be shown.
        return '…';
    }

    /** The keys of −5/2, which are the quickest to tell calculators apart. */
    private static function keys(Calculator $kind): string
    {
        $number = new Negative(new Quotient(Numeral::of(5), Numeral::of(2)));

        return implode(' ', array_map(
            static fn(array $key): string => '<kbd>' . e($key[0]) . '</kbd>',
            Keypad::of($number, $kind)->keys ?? [],
        ));
    }

    private function step(Step $step, PageFace $page, bool $asFigure): string
    {
        if ($step->figure !== null && $asFigure) {
            return $page->figure($step->figure);
        }
        $lines = array_filter($step->lines, static fn(Line $line): bool => $line->link !== Link::Given);
        $nodes = array_map(
            static fn(Line $line): Node => $line->link === Link::Side && $line->node instanceof Equation
                ? $line->node->left
                : $line->node,
            $lines,
        );

        return implode('', array_map(static fn(Node $node): string => '<p>' . $page->maths($node) . '</p>', $nodes));
    }
}
