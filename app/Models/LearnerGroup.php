<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * Learners who are taught together.
 *
 * @property string                   $id
 * @property string                   $name
 * @property Collection<int, Learner> $learners
 */
final class LearnerGroup extends Model
{
    use HasUlids;

    protected $fillable = ['id', 'name'];

    /** @return BelongsToMany<Learner, $this> */
    public function learners(): BelongsToMany
    {
        return $this->belongsToMany(Learner::class, 'group_learner', 'group_id', 'learner_id')->orderBy('name');
    }
}
