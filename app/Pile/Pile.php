<?php

declare(strict_types=1);

namespace App\Pile;

use App\Demonstrations\Jobs;
use Runel\Demonstration\Task;
use Runel\Marking\Marker;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Problem\Problem;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** A pile of work, marked. It lives as long as one request: nothing of it is kept or logged. */
final readonly class Pile
{
    /** So many lines are marked in one go. */
    public const MOST_LINES = 500;

    /**
     * @param list<MarkedPiece> $pieces
     * @param list<Tally>       $tallies the commonest slip first
     * @param int               $left    how many pieces were left for another go
     */
    private function __construct(public array $pieces, public array $tallies, public int $left) {}

    /**
     * @param list<Piece>             $pieces
     * @param array<array-key, mixed> $marks   the tutor's own, by the piece's place
     * @param array<array-key, mixed> $remarks
     */
    public static function mark(
        array $pieces,
        HouseStyle $style,
        Catalogue $catalogue,
        array $marks = [],
        array $remarks = [],
    ): self {
        $marked = [];
        $lines = 0;
        foreach ($pieces as $place => $piece) {
            $lines += max(1, \count($piece->lines));
            if ($lines > self::MOST_LINES && $marked !== []) {
                break;
            }
            $own = static fn(array $texts): string => \is_string($texts[$place] ?? null)
                ? mb_substr(mb_scrub($texts[$place]), 0, 400)
                : '';
            $marked[] = self::piece($piece, $style, $catalogue, $own($marks), $own($remarks));
        }

        return new self($marked, Tally::of($marked), \count($pieces) - \count($marked));
    }

    /** The job at which a slip was made first. */
    public function jobOf(Slip $slip): string
    {
        foreach ($this->pieces as $piece) {
            if (\in_array($slip, $piece->slips(), true)) {
                return $piece->job->value ?? '';
            }
        }

        return '';
    }

    private static function piece(
        Piece $piece,
        HouseStyle $style,
        Catalogue $catalogue,
        string $mark,
        string $remark,
    ): MarkedPiece {
        try {
            $problem = Problem::read($piece->problem);
            $task = new Task($problem, $style);
            $job = Jobs::chosen($task, null);
            $lines = \array_slice($piece->lines, 0, self::MOST_LINES);

            return new MarkedPiece(
                $piece,
                $problem,
                $job,
                Marker::mark($catalogue, $task, $job, $lines),
                null,
                $mark,
                $remark,
            );
        } catch (Refusal $refusal) {
            return new MarkedPiece($piece, null, null, null, $refusal, $mark, $remark);
        } catch (\Throwable $fault) {
            // Only what failed, and where: the work itself is nobody's.
            logger()->error($fault::class, ['at' => basename($fault->getFile()) . ':' . $fault->getLine()]);
            $failed = new OutOfReach(Message::of('error.failed'));

            return new MarkedPiece($piece, null, null, null, $failed, $mark, $remark);
        }
    }
}
