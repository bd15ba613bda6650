<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Runel\Demonstration\TaskReference;
use Runel\Message\BadRequest;
use Runel\Style\HouseStyle;

/**
 * A task in a column: the one form in which tasks are stored.
 *
 * @implements CastsAttributes<TaskReference, TaskReference>
 */
final class TaskCast implements CastsAttributes
{
    /** A row damaged by hand still has a text: it is shown as it stands. */
    public function get(Model $model, string $key, mixed $value, array $attributes): TaskReference
    {
        $values = \is_string($value) ? json_decode($value, true, 8) : null;
        try {
            $values = \is_array($values) ? $values : [];
            $style = $values['style'] ?? [];

            return TaskReference::fromArray(
                ['style' => \is_array($style) ? $style + HouseStyle::UNNUMBERED : $style] + $values,
            );
        } catch (BadRequest) {
            return new TaskReference(\is_string($value) ? $value : '', null, null, HouseStyle::default());
        }
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        $kept = $value?->toBeKept();

        return json_encode(
            $kept === null ? [] : ['style' => $kept->style->kept()] + $kept->toArray(),
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE,
        );
    }
}
