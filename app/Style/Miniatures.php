<?php

declare(strict_types=1);

namespace App\Style;

use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use App\Figures\Figures;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Node;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** What each value of a house-style key changes, shown on a small problem of its own: real demonstrations, cut down. */
final readonly class Miniatures
{
    /** The keys that matter so far, and where their difference is seen: problem, method, and the step whose work is shown. */
    private const SCENES = [
        'words' => null,
        'times' => ['(2x + 7)(x - 3)', 'term-by-term', 'product-1-2'],
        'grid-long-edge' => ['(x + 2)(x^2 + 3x + 5)', 'grid', 'edges'],
        'outer-terms-first' => ['(2x + 1)(x + 4)', 'grid', 'cell-2-2'],
        'minus-one' => ['-2x^2 + 5x + 3', 'trial', 'complete'],
        'cross-signs' => ['2x^2 - 5x - 3', 'cross', 'place-signs'],
        'verdict' => ['2x^2 + 5x + 3', 'trial', 'verdict'],
        'check-by' => null,
        'favourite' => null,
        'middle-terms' => ['(x + 6)(x - 2)', 'term-by-term', 'middle|collect-1'],
    ];

    public function __construct(private Demonstrations $demonstrations, private Faces $faces, private Figures $figures) {}

    /** @return list<string> */
    public static function keys(): array
    {
        return array_keys(self::SCENES);
    }

    /** The miniature of a value, as HTML. */
    public function html(HouseStyle $style, string $key, string $value): string
    {
        $own = $style->with($key, $value);
        $scene = self::SCENES[$key] ?? null;
        if ($scene === null) {
            return $key === 'words' ? htmlspecialchars($this->faces->text($own)->word('style.sample'), \ENT_QUOTES) : '';
        }
        [$problem, $method, $wanted] = $scene;
        $mathematics = $this->faces->mathematics($own);
        foreach ($this->demonstrations->of(new Task(Problem::read($problem), $own), null, $method)->steps() as $step) {
            if (\in_array($step->id, explode('|', $wanted), true)) {
                return $step->figure !== null && $method === 'grid'
                    ? $this->figures->svg($step->figure, $own)
                    : implode('', array_map(static fn(Node $node): string => '<p>' . $mathematics->html($node instanceof Equation ? $node->left : $node) . '</p>', self::nodes($step)));
            }
        }

        // What is held back is not there to be shown.
        return '…';
    }

    /** @return list<Node> */
    private static function nodes(Step $step): array
    {
        return array_map(static fn(Line $line): Node => $line->node, array_values(array_filter($step->lines, static fn(Line $line): bool => $line->link !== Link::Given)));
    }
}
