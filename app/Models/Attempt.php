<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\AttemptFactory;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Runel\Demonstration\TaskReference;

/**
 * One piece of a learner's work on one problem.
 *
 * @property string        $id
 * @property string        $learner_id
 * @property TaskReference $task
 * @property string|null   $skill      where the problem belongs; null, as the rung, where it is of no rung
 * @property int|null      $rung
 * @property mixed         $lines      as typed, in their order
 * @property mixed         $verdicts   one a line
 * @property mixed         $slips      ids, each as often as it was made, those mended too
 * @property int           $help       the highest rung of help taken, 0 for none
 * @property int|null      $seconds
 * @property bool          $finished
 * @property string        $source     turn, pile or typed
 * @property string        $mark       the tutor's own
 * @property string        $remark     the tutor's own
 * @property Carbon        $at
 * @property string|null   $handing_id
 * @property int|null      $place      within what was handed, from 1
 */
final class Attempt extends Model
{
    /** @use HasFactory<AttemptFactory> */
    use HasFactory;
    use HasUlids;

    protected $fillable = [
        'id', 'learner_id', 'task', 'skill', 'rung', 'lines', 'verdicts', 'slips', 'help', 'seconds', 'finished',
        'source', 'mark', 'remark', 'at', 'handing_id', 'place',
    ];

    protected $attributes = ['verdicts' => '[]', 'help' => 0, 'finished' => false, 'mark' => '', 'remark' => ''];

    /** @return list<string> */
    public function typed(): array
    {
        return self::words($this->lines);
    }

    /** @return list<string> */
    public function verdictIds(): array
    {
        return self::words($this->verdicts);
    }

    /** @return list<string> */
    public function slipIds(): array
    {
        return self::words($this->slips);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'task' => TaskCast::class,
            'rung' => 'integer',
            'lines' => 'array',
            'verdicts' => 'array',
            'slips' => 'array',
            'help' => 'integer',
            'seconds' => 'integer',
            'finished' => 'boolean',
            'at' => 'datetime',
            'place' => 'integer',
        ];
    }

    /** @return list<string> */
    private static function words(mixed $list): array
    {
        return \is_array($list) ? array_values(array_filter($list, is_string(...))) : [];
    }
}
