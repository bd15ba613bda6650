<?php

declare(strict_types=1);

namespace App\Models;

use App\Values\Given;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Runel\Message\BadRequest;
use Runel\Style\HouseStyle;

/**
 * A school's house style in a column: what differs from the usual.
 *
 * @implements CastsAttributes<HouseStyle, HouseStyle>
 */
final class StyleCast implements CastsAttributes
{
    /** A row damaged by hand is read in the usual style. */
    public function get(Model $model, string $key, mixed $value, array $attributes): HouseStyle
    {
        try {
            return HouseStyle::of(Given::json($value, 4)->values + HouseStyle::UNNUMBERED);
        } catch (BadRequest) {
            return HouseStyle::default();
        }
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode((object) ($value?->kept() ?? []), \JSON_THROW_ON_ERROR);
    }
}
