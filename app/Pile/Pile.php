<?php

declare(strict_types=1);

namespace App\Pile;

use App\Ruling\Ruling;
use App\Values\Given;
use Illuminate\Http\Request;
use Runel\Job\Jobs;
use Runel\Marking\Marker;
use Runel\Message\Defect;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Proof\Effort;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** A pile of work, marked. It lives as long as one request: nothing of it is kept or logged. */
final readonly class Pile
{
    /** The work that marking may take in one go, in steps. */
    private const EFFORT = 720_000;
    /** So many lines are marked in one go. */
    public const MOST_LINES = 500;

    /**
     * @param array<int, MarkedPiece> $pieces  by their place in the whole pile, from 0
     * @param list<Tally>             $tallies the commonest slip first
     * @param int                     $from    the place of the first that was looked at
     * @param int                     $left    how many pieces were left for another go
     */
    private function __construct(public array $pieces, public array $tallies, public int $from, public int $left) {}

    /**
     * Marked with what the tutor has written beside the pieces, as a page sends it: mark, remark, rule, from.
     *
     * @param list<Piece> $pieces
     */
    public static function asked(Request $request, array $pieces, HouseStyle $style, Catalogue $catalogue): self
    {
        $own = Given::of($request->all())->list(...);

        return self::mark(
            $pieces,
            $style,
            $catalogue,
            $own('mark'),
            $own('remark'),
            $own('rule'),
            $request->integer('from'),
            Given::of($request->all())->number('points', 2),
        );
    }

    /**
     * Marked from a piece on, as far as the work that is granted goes; the rest is left for another go.
     *
     * @param list<Piece>             $pieces
     * @param array<array-key, mixed> $marks   the tutor's own, by the piece's place
     * @param array<array-key, mixed> $remarks
     * @param array<array-key, mixed> $rulings
     * @param int|null                $points  how many each problem has; null: as its work is long
     */
    public static function mark(
        array $pieces,
        HouseStyle $style,
        Catalogue $catalogue,
        array $marks = [],
        array $remarks = [],
        array $rulings = [],
        int $from = 0,
        ?int $points = null,
    ): self {
        $marked = [];
        $tasks = new PileTasks($style);
        $lines = 0;
        $effort = Effort::of(self::EFFORT);
        $from = max(0, min($from, \count($pieces) - 1));
        foreach (\array_slice($pieces, $from, null, true) as $place => $piece) {
            $lines += max(1, \count($piece->lines));
            if ($lines > self::MOST_LINES && $marked !== []) {
                break;
            }
            $own = static fn(array $texts): string => Given::of($texts)->text($place, 400);
            $one = self::piece($piece, $tasks, $catalogue, $own($marks), $own($remarks), Ruling::kept(
                $rulings[$place] ?? [],
            ), $effort, $points);
            // What would be looked at in part only is left whole.
            if ($marked !== [] && $one->marking !== null && $one->marking->lookedAt() < \count($one->lines())) {
                break;
            }
            $marked[$place] = $one;
        }

        return new self(
            $marked,
            Tally::of(array_values($marked)),
            $from,
            \count($pieces) - $from - \count($marked),
        );
    }

    /** The place of the first piece that was left for another go; null where none was. */
    public function next(): ?int
    {
        return $this->left === 0 ? null : $this->from + \count($this->pieces);
    }

    /** The job at which a slip was made first. */
    public function jobOf(Slip $slip): string
    {
        foreach ($this->pieces as $piece) {
            if (\in_array($slip, $piece->slips(), true)) {
                return $piece->job ?? '';
            }
        }

        return '';
    }

    private static function piece(
        Piece $piece,
        PileTasks $tasks,
        Catalogue $catalogue,
        string $mark,
        string $remark,
        Ruling $ruling,
        Effort $effort,
        ?int $points,
    ): MarkedPiece {
        try {
            $task = $tasks->of($piece->problem);
            $job = Jobs::all()->chosen($task->problem, null)->job();
            $lines = \array_slice($piece->lines, 0, self::MOST_LINES);

            $marking = Marker::mark($catalogue, $task, $job, $lines, effort: $effort);
            $marks = $marking->marks($points === null || $points < 1 ? null : $points);

            return new MarkedPiece($piece, $task->problem, $job, $marking, null, $mark, $remark, $ruling, $marks);
        } catch (Refusal $refusal) {
            return new MarkedPiece($piece, null, null, null, $refusal, $mark, $remark, $ruling);
        } catch (\Throwable $fault) {
            // Only what failed, and where: the work itself is nobody's.
            logger()->error($fault::class, ['at' => basename($fault->getFile()) . ':' . $fault->getLine()]);
            $failed = new Defect(Message::of('error.failed'));

            return new MarkedPiece($piece, null, null, null, $failed, $mark, $remark, $ruling);
        }
    }
}
