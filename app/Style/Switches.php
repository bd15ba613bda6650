<?php

declare(strict_types=1);

namespace App\Style;

use App\Address\Standing;
use App\Page\Remembered;
use Runel\Method\Catalogue;

/** The switches of the house-style page: every key that changes something so far. */
final readonly class Switches
{
    /** The keys that change something so far, by what they are about. */
    public const SUBJECTS = [
        'writing' => ['words', 'times'],
        'multiplying' => [
            'grid-long-edge', 'outer-terms-first', 'zero-cells', 'grid-collect', 'places-order', 'middle-terms',
            'bracket-back', 'arrows',
        ],
        'factoring' => [
            'favourite', 'minus-one', 'pair-order', 'cross-signs', 'trial-signs', 'crossing-middle', 'crossing-letters',
            'crossing-grid', 'turned-column', 'pairs-listed', 'verdict',
        ],
        'solving' => [
            'moving', 'unknown-side', 'collect-first', 'sides-turned', 'gathered', 'denominators', 'substitution',
            'answers', 'places', 'calculator',
        ],
        'quadratics' => [
            'leading', 'square-order', 'square-books', 'half-squared', 'square-shown', 'why-this-way', 'after-root',
            'rational-pair', 'root-of-fraction', 'fractions', 'negative-root', 'root-common', 'root-square',
        ],
        'checking' => ['check-by'],
    ];

    public function __construct(
        private Catalogue $catalogue,
        private Miniatures $miniatures,
        private Remembered $remembered,
    ) {}

    /**
     * @return array<string, list<array{key: string, changed: bool, values: list<array{
     *     value: string, taken: bool, miniature: string}>}>> by subject
     */
    public function all(Standing $standing): array
    {
        $table = Standing::table($this->catalogue);
        $groups = [];
        foreach (self::SUBJECTS as $subject => $keys) {
            foreach ($keys as $key) {
                $own = $standing->get($key) ?? $table[$key][0];
                $groups[$subject][] = [
                    'key' => $key,
                    'changed' => $own !== $table[$key][0],
                    'values' => array_map(fn(string $value): array => [
                        'value' => $value,
                        'taken' => $own === $value,
                        'miniature' => $this->remembered->html(
                            "miniature.$key.$value",
                            $standing->style,
                            fn(): string => $this->miniatures->html($standing->style, $key, $value),
                        ),
                    ], $table[$key]),
                ];
            }
        }

        return $groups;
    }
}
