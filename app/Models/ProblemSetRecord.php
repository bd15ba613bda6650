<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A set of problems that is kept.
 *
 * @property int    $id
 * @property string $name
 * @property string $seed  from which it was made
 * @property mixed  $tasks task references as arrays, in their order
 */
final class ProblemSetRecord extends Model
{
    protected $table = 'problem_sets';

    protected $fillable = ['name', 'seed', 'tasks'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tasks' => 'array'];
    }
}
