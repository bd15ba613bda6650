<?php

declare(strict_types=1);

namespace App\Style;

use App\Address\Standing;
use Runel\Method\Catalogue;

/** The switches of the house-style page: every key that changes something so far. */
final readonly class Switches
{
    public function __construct(private Catalogue $catalogue, private Miniatures $miniatures) {}

    /** @return list<array{key: string, values: list<array{value: string, taken: bool, miniature: string}>}> */
    public function all(Standing $standing): array
    {
        $table = Standing::table($this->catalogue);
        $switches = [];
        foreach (Miniatures::keys() as $key) {
            $values = [];
            foreach ($table[$key] ?? [] as $value) {
                $values[] = [
                    'value' => $value,
                    'taken' => ($standing->get($key) ?? $table[$key][0] ?? null) === $value,
                    'miniature' => $this->miniatures->html($standing->style, $key, $value),
                ];
            }
            $switches[] = ['key' => $key, 'values' => $values];
        }

        return $switches;
    }
}
