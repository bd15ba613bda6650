<?php

declare(strict_types=1);

namespace App\Sets;

use App\Faces\JsonFace;
use Runel\Ladder\Difficulty;

/** A set as the contract writes it. */
final readonly class SetData
{
    /** What of a demonstration is said of a problem. */
    private const KEPT = [
        'answer' => 1, 'solutions' => 1, 'rejected' => 1, 'decimals' => 1,
        'quotient' => 1, 'remainder' => 1, 'vertex' => 1,
    ];

    public function __construct(private JsonFace $json) {}

    /**
     * @param list<SetItem> $items
     *
     * @return array<string, mixed>
     */
    public function of(array $items, SetQuery $query): array
    {
        $skills = array_values(array_unique(array_map(
            static fn(SetItem $item): string => $item->skill ?? '',
            $items,
        )));

        return [
            'runel' => 1,
            'skill' => \count($skills) === 1 && $skills[0] !== '' ? $skills[0] : null,
            'seed' => ctype_digit($query->seed) ? (int) $query->seed : null,
            'defaults' => $query->defaults,
            'problems' => array_map($this->problem(...), $items),
        ];
    }

    /** @return array<string, mixed> */
    private function problem(SetItem $item): array
    {
        $demonstration = $item->demonstration;

        return [
            'problem' => $item->problem,
            'job' => $demonstration?->job,
            'method' => $demonstration?->method,
            'skill' => $item->skill,
            'rung' => $item->rung?->number,
            'adds' => $item->rung?->adds?->value,
            'traits' => array_map(static fn(Difficulty $trait): string => $trait->value, $item->traits),
        ] + ($item->page === null ? [] : ['page' => [
            'lines' => $item->pageTyped(),
            'at' => $item->page->at,
            'slip' => $item->page->slip->value,
        ]]) + ($demonstration === null ? [] : array_intersect_key($this->json->data($demonstration), self::KEPT));
    }
}
