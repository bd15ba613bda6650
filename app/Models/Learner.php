<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\LearnerFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Runel\Style\HouseStyle;

/**
 * Somebody who is taught. A name or a nickname is all that is asked.
 *
 * @property string                        $id
 * @property string                        $name
 * @property HouseStyle                    $style      the school's
 * @property string                        $note       the tutor's own
 * @property int                           $daily      so many rungs come back on one day at the most
 * @property int                           $version    one more with every change
 * @property Carbon|null                   $created_at
 * @property Collection<int, LearnerGroup> $groups
 */
final class Learner extends Model
{
    /** @use HasFactory<LearnerFactory> */
    use HasFactory;
    use HasUlids;
    use Readable;

    protected $fillable = ['id', 'name', 'style', 'note', 'daily', 'version'];

    protected $attributes = ['note' => '', 'daily' => 3, 'version' => 1];

    /** @return BelongsToMany<LearnerGroup, $this> */
    public function groups(): BelongsToMany
    {
        return $this->belongsToMany(LearnerGroup::class, 'group_learner', 'learner_id', 'group_id')->orderBy('name');
    }

    /** @return HasMany<Attempt, $this> the latest first */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class)->orderByDesc('at')->orderByDesc('id');
    }

    /** @return HasMany<ReturnWord, $this> */
    public function returnWords(): HasMany
    {
        return $this->hasMany(ReturnWord::class)->orderBy('said_on')->orderBy('id');
    }

    /** @return HasMany<Handing, $this> the latest first */
    public function handings(): HasMany
    {
        return $this->hasMany(Handing::class)->orderByDesc('expires_at');
    }

    protected static function dated(): array
    {
        return ['created_at'];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['style' => StyleCast::class, 'daily' => 'integer', 'version' => 'integer'];
    }
}
