<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\ExampleFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Runel\Demonstration\TaskReference;

/**
 * A problem kept on the shelf for a lesson.
 *
 * @property int           $id
 * @property string        $shelf    the key of the shelf it stands on
 * @property TaskReference $task     the problem, and the method it was prepared for
 * @property string        $note     why it was chosen
 * @property int           $position
 */
final class Example extends Model
{
    /** @use HasFactory<ExampleFactory> */
    use HasFactory;

    protected $fillable = ['shelf', 'task', 'note', 'position'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['task' => TaskCast::class, 'position' => 'integer'];
    }
}
