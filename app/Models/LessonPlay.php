<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A lesson as it was held once.
 *
 * @property string      $id
 * @property string      $lesson_id
 * @property Carbon      $started_at
 * @property Carbon|null $ended_at
 * @property Lesson      $lesson
 */
final class LessonPlay extends Model
{
    use HasUlids;
    use Readable;

    protected $fillable = ['id', 'lesson_id', 'started_at', 'ended_at'];

    /** @return BelongsTo<Lesson, $this> */
    public function lesson(): BelongsTo
    {
        return $this->belongsTo(Lesson::class);
    }

    /** @return HasMany<LessonMoment, $this> in the order in which they came */
    public function moments(): HasMany
    {
        return $this->hasMany(LessonMoment::class, 'play_id')->orderBy('at')->orderBy('id');
    }

    protected static function dated(): array
    {
        return ['started_at', 'ended_at'];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['started_at' => 'datetime', 'ended_at' => 'datetime'];
    }
}
