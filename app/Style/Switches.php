<?php

declare(strict_types=1);

namespace App\Style;

use App\Address\Standing;
use App\Page\Remembered;
use Runel\Method\Catalogue;

/** The switches of the house-style page: every key that changes something so far. */
final readonly class Switches
{
    public function __construct(
        private Catalogue $catalogue,
        private Miniatures $miniatures,
        private Remembered $remembered,
    ) {}

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
                    'taken' => ($standing->get($key) ?? $table[$key][0]) === $value,
                    'miniature' => $this->remembered->html(
                        "miniature.$key.$value",
                        $standing->style,
                        fn(): string => $this->miniatures->html($standing->style, $key, $value),
                    ),
                ];
            }
            $switches[] = ['key' => $key, 'values' => $values];
        }

        return $switches;
    }
}
