<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The tutor's own word on when a rung comes back.
 *
 * @property string      $id
 * @property string      $learner_id
 * @property string      $skill
 * @property int         $rung
 * @property Carbon      $said_on
 * @property Carbon|null $due_on     null: not at all
 */
final class ReturnWord extends Model
{
    use HasUlids;

    protected $fillable = ['id', 'learner_id', 'skill', 'rung', 'said_on', 'due_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rung' => 'integer', 'said_on' => 'date:Y-m-d', 'due_on' => 'date:Y-m-d'];
    }
}
