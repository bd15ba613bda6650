<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Runel\Style\HouseStyle;

/**
 * A lesson that is kept.
 *
 * @property string      $id
 * @property string      $name
 * @property Carbon|null $held_at when it is to be held
 * @property int         $minutes the time there is
 * @property int         $wide    squares across the page or board
 * @property int         $high    lines down it
 * @property HouseStyle  $style
 * @property mixed       $items   as arrays, in their order
 * @property int         $version one more with every change, so that the later of two windows can be told
 */
final class Lesson extends Model
{
    use HasUlids;
    use Readable;

    protected $fillable = ['id', 'name', 'held_at', 'minutes', 'wide', 'high', 'style', 'items', 'version'];

    protected $attributes = ['version' => 1];

    /** @return HasMany<LessonPlay, $this> */
    public function plays(): HasMany
    {
        return $this->hasMany(LessonPlay::class)->orderByDesc('started_at');
    }

    protected static function dated(): array
    {
        return ['held_at'];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'held_at' => 'datetime',
            'minutes' => 'integer',
            'wide' => 'integer',
            'high' => 'integer',
            'style' => StyleCast::class,
            'items' => 'array',
            'version' => 'integer',
        ];
    }
}
