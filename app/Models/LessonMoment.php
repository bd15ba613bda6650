<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something in a lesson as it was held: an item was reached, or a note was made.
 *
 * @property string   $id
 * @property string   $play_id
 * @property string   $kind    reached or note
 * @property int      $place   the item's number, from 1
 * @property int|null $step    how far the item before was shown
 * @property int|null $usual   what the item takes at the usual pace, in seconds
 * @property string   $text    of a note
 * @property Carbon   $at
 */
final class LessonMoment extends Model
{
    use HasUlids;
    use Readable;

    public const REACHED = 'reached';
    public const NOTE = 'note';

    protected $fillable = ['id', 'play_id', 'kind', 'place', 'step', 'usual', 'text', 'at'];

    protected static function dated(): array
    {
        return ['at'];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['place' => 'integer', 'step' => 'integer', 'usual' => 'integer', 'at' => 'datetime'];
    }
}
