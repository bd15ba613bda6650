<?php

declare(strict_types=1);

namespace App\Models;

use App\Ruling\Ruling;
use App\Values\Given;
use Database\Factories\AttemptFactory;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Runel\Demonstration\TaskReference;
use Runel\Marking\LineVerdict;
use Runel\Practice\Attempted;

/**
 * One piece of a learner's work on one problem.
 *
 * @property string        $id
 * @property string        $learner_id
 * @property TaskReference $task
 * @property string|null   $skill        where the problem belongs; null, as the rung, where it is of no rung
 * @property int|null      $rung
 * @property mixed         $lines        as typed, in their order
 * @property mixed         $verdicts     one a line
 * @property mixed         $slips        ids, each as often as it was made, those mended too
 * @property int           $help         the highest rung of help taken, 0 for none
 * @property int|null      $seconds
 * @property bool          $finished
 * @property string        $source       turn, pile or typed
 * @property string        $mark         the tutor's own
 * @property string        $remark       the tutor's own
 * @property Carbon        $at
 * @property string|null   $handing_id
 * @property int|null      $place        within what was handed, from 1
 * @property mixed         $history      lines that were mended or taken back
 * @property int           $helping      the rung of help shown with the line to come
 * @property mixed         $judged       what the judge said, as App\Learners\Judged keeps it
 * @property mixed         $ruled        the tutor's word on it, as App\Ruling\Ruling keeps it
 * @property mixed         $counted      ids of the slips that count, the tutor's word heard
 * @property Learner       $learner
 * @property bool          $began        whether there is a line in it
 * @property Carbon|null   $otherwise_on the day an update judged it otherwise, until the tutor has seen that
 * @property string|null   $outcome      how it went, the tutor's word heard; null where that says nothing
 */
final class Attempt extends Model
{
    /** @use HasFactory<AttemptFactory> */
    use HasFactory;
    use HasUlids;
    use Readable;

    public const MENDED = 'mended';
    public const TAKEN_BACK = 'taken-back';

    protected $fillable = [
        'id', 'learner_id', 'task', 'skill', 'rung', 'lines', 'verdicts', 'slips', 'help', 'seconds', 'finished',
        'source', 'mark', 'remark', 'at', 'handing_id', 'place', 'history', 'helping', 'judged', 'ruled',
    ];

    protected $attributes = [
        'verdicts' => '[]', 'help' => 0, 'finished' => false, 'mark' => '', 'remark' => '', 'history' => '[]',
        'helping' => 0, 'judged' => '{}', 'ruled' => '{}', 'counted' => '[]', 'began' => false,
    ];

    /** @return BelongsTo<Learner, $this> */
    public function learner(): BelongsTo
    {
        return $this->belongsTo(Learner::class);
    }

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

    /** @return list<string> the slips that count, the tutor's word heard */
    public function countedSlips(): array
    {
        return self::words($this->counted);
    }

    /** @return list<array<array-key, mixed>> lines that no longer stand, the latest last */
    public function past(): array
    {
        return array_values(array_filter(Given::of($this->history)->values, is_array(...)));
    }

    /** @return array<array-key, mixed> */
    public function judged(): array
    {
        return Given::of($this->judged)->values;
    }

    public function ruling(): Ruling
    {
        return Ruling::kept($this->ruled);
    }

    /** What is counted follows from what was judged and what the tutor says, whenever either is written. */
    public function settle(): void
    {
        $this->began = $this->typed() !== [];
        $ruling = $this->ruling();
        $full = $ruling->piece === null ? Ruling::fullMark($this->mark) : null;
        $isRight = $ruling->piece === Ruling::RIGHT || $full === true;
        $isApart = $ruling->piece === Ruling::APART || $this->typed() === [];
        $found = $this->foundSlips();
        $this->counted = $isRight || $isApart ? [] : $ruling->slips($this->slipIds(), $found);
        $isFinished = $this->finished || ($found !== [] && ($this->judged()['wants'] ?? null) === 'wrong-line'
            && array_diff_key($found, array_filter($ruling->lines, static fn(string $word): bool =>
                $word === Ruling::RIGHT)) === []);
        $isSlipped = $ruling->piece === Ruling::WRONG || $full === false || $this->countedSlips() !== []
            || \in_array(Ruling::WRONG, $ruling->lines, true);
        $this->outcome = match (true) {
            $isApart => null,
            !$isRight && $isSlipped => Attempted::Slipped->value,
            !$isRight && !$isFinished => null,
            $this->help > 0 => Attempted::WithHelp->value,
            default => Attempted::Sound->value,
        };
    }

    /** @return array<int, string|null> the slips found in the lines that are wrong, by the line's number, from 1 */
    public function foundSlips(): array
    {
        $found = [];
        $lines = Given::of($this->judged())->within('lines');
        foreach ($this->verdictIds() as $place => $verdict) {
            if (LineVerdict::tryFrom($verdict)?->isFault() === true) {
                $found[$place + 1] = $lines->within($place)->typed('slip');
            }
        }

        return $found;
    }

    /** @return list<string> the slips that were made and no longer stand, each as often as it was made */
    public function mendedSlips(): array
    {
        $made = $this->slipIds();
        foreach ($this->foundSlips() as $slip) {
            $place = array_search($slip, $made, true);
            if ($place !== false) {
                array_splice($made, (int) $place, 1);
            }
        }

        return $made;
    }

    protected static function booted(): void
    {
        self::saving(static fn(self $attempt) => $attempt->settle());
    }

    protected static function dated(): array
    {
        return ['at'];
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
            'otherwise_on' => 'date:Y-m-d',
            'place' => 'integer',
            'history' => 'array',
            'helping' => 'integer',
            'judged' => 'array',
            'ruled' => 'array',
            'counted' => 'array',
            'began' => 'boolean',
        ];
    }

    /** @return list<string> */
    private static function words(mixed $list): array
    {
        return array_values(Given::of($list)->allTexts());
    }
}
