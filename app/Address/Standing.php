<?php

declare(strict_types=1);

namespace App\Address;

use Runel\Message\BadRequest;
use Runel\Method\Catalogue;
use Runel\Method\Choice;
use Runel\Style\HouseStyle;

/** What a tutor has set once and for all, the house style and the standing choices, read from loose values. */
final readonly class Standing
{
    /** @param array<string, string> $choices */
    private function __construct(public HouseStyle $style, public array $choices) {}

    /**
     * From a cookie and an address: what is unknown there is passed over.
     *
     * @param array<array-key, mixed> ...$layers the later one overlays
     */
    public static function lenient(Catalogue $catalogue, array ...$layers): self
    {
        $style = HouseStyle::default();
        $choices = [];
        foreach ($layers as $kept) {
            $values = HouseStyle::brought($kept);
            foreach ($values as $key => $value) {
                try {
                    $style = HouseStyle::has((string) $key) && \is_string($value)
                        ? $style->with((string) $key, $value)
                        : $style;
                } catch (BadRequest) {
                    continue;
                }
            }
            foreach ($catalogue->choices() as $choice) {
                $value = $values[$choice->key] ?? null;
                if (\is_string($value) && $value !== '' && ($choice->values === null || \in_array(
                    $value,
                    $choice->values,
                    true,
                ))) {
                    $choices[$choice->key] = $value;
                }
            }
        }

        return new self($style, self::withoutDefaults($catalogue, $choices));
    }

    /**
     * Every key that is set once and for all, with its values, the default first.
     *
     * @return array<string, list<string>>
     */
    public static function table(Catalogue $catalogue): array
    {
        $table = HouseStyle::table();
        foreach ($catalogue->choices() as $choice) {
            if ($choice->standing && $choice->values !== null) {
                $table[$choice->key] = $choice->values;
            }
        }

        return $table;
    }

    /** @return array<string, string> what differs from the default: the style, then the standing choices */
    public function chosen(Catalogue $catalogue): array
    {
        $standing = array_filter($catalogue->choices(), static fn(Choice $choice): bool => $choice->standing);

        return $this->style->chosen() + array_intersect_key($this->choices, array_flip(array_column($standing, 'key')));
    }

    /** @return array<string, string> the same as it is kept: with the number of the defaults it differs from */
    public function kept(Catalogue $catalogue): array
    {
        return $this->chosen($catalogue) + [HouseStyle::NUMBER => (string) HouseStyle::DEFAULTS];
    }

    public function get(string $key): ?string
    {
        return $this->choices[$key] ?? $this->style->all()[$key] ?? null;
    }

    /**
     * @param array<string, string> $choices
     *
     * @return array<string, string>
     */
    private static function withoutDefaults(Catalogue $catalogue, array $choices): array
    {
        foreach ($catalogue->choices() as $choice) {
            if ($choice->standing && ($choices[$choice->key] ?? null) === ($choice->values[0] ?? '')) {
                unset($choices[$choice->key]);
            }
        }

        return $choices;
    }
}
