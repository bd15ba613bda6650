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

    /** How many there are that cannot be read. */
    public static function damaged(): int
    {
        return static::query()->count() - static::query()->readable()->count();
    }
}
