<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A house style under a name.
 *
 * @property int    $id
 * @property string $name
 * @property mixed  $standing what differs from the usual: the style's keys, then the standing choices'
 */
final class NamedStyle extends Model
{
    protected $fillable = ['name', 'standing'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['standing' => 'array'];
    }
}
