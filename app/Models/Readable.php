<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Rows with moments in them. One that was damaged by hand must not take a whole list down: lists ask for those that can
 * be read, and say how many cannot.
 *
 * @phpstan-require-extends Model
 */
trait Readable
{
    /** @return list<string> the columns that hold moments */
    abstract protected static function dated(): array;

    /** @param Builder<static> $query */
    public function scopeReadable(Builder $query): void
    {
        $digits = static fn(int $count): string => str_repeat('[0-9]', $count);
        $moment = implode('-', [$digits(4), '[01]' . $digits(1), '[0-3]' . $digits(1)]) . ' '
            . implode(':', ['[0-2]' . $digits(1), '[0-5]' . $digits(1), '[0-5]' . $digits(1)]);
        foreach (static::dated() as $column) {
            $query->whereRaw("($column is null or $column glob ?)", [$moment]);
        }
    }

    /**
     * A row that cannot be read has no page of its own.
     *
     * @param mixed       $value
     * @param string|null $field
     */
    public function resolveRouteBinding($value, $field = null): ?Model
    {
        $found = static::query()->readable()->where($field ?? $this->getRouteKeyName(), $value)->first();

        return \is_string($value) ? $found : null;
    }

    /** How many there are that cannot be read. */
    public static function damaged(): int
    {
        return static::query()->count() - static::query()->readable()->count();
    }
}
