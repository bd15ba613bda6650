<?php

declare(strict_types=1);

namespace App\Models;

use App\Values\Given;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Runel\Demonstration\TaskReference;
use Runel\Message\BadRequest;

/**
 * Tasks handed to a learner under an address that expires.
 *
 * @property string      $id
 * @property string      $learner_id
 * @property mixed       $tasks      task references as arrays, in their order
 * @property Carbon      $expires_at
 * @property string|null $code       six letters by which it is reached; what was handed out before has none
 * @property Carbon|null $opens_at
 * @property bool        $is_test    whether it gives no help
 * @property Learner     $learner
 */
final class Handing extends Model
{
    use HasUlids;
    use Readable;

    protected $fillable = ['id', 'learner_id', 'tasks', 'expires_at', 'code', 'opens_at', 'is_test'];

    /** @return BelongsTo<Learner, $this> */
    public function learner(): BelongsTo
    {
        return $this->belongsTo(Learner::class);
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class);
    }

    /** @return array<int, TaskReference> by their place, from 1; what is damaged is left out */
    public function references(): array
    {
        $references = [];
        foreach (array_values(Given::of($this->tasks)->values) as $place => $task) {
            try {
                $references[$place + 1] = TaskReference::fromArray(Given::of($task)->values);
            } catch (BadRequest) {
                continue;
            }
        }

        return $references;
    }

    /** Whether it cannot be worked on yet. */
    public function isEarly(): bool
    {
        return $this->opens_at?->isFuture() === true;
    }

    protected static function dated(): array
    {
        return ['expires_at', 'opens_at'];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tasks' => 'array', 'expires_at' => 'datetime', 'opens_at' => 'datetime',
            'is_test' => 'bool',
        ];
    }
}
