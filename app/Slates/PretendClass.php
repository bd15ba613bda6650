<?php

declare(strict_types=1);

namespace App\Slates;

use App\Models\LiveRoom;
use App\Models\RoomMember;
use App\Page\PageFace;
use Random\Randomizer;
use Runel\Demonstration\AnswerKind;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Question;
use Runel\Expression\Equation;
use Runel\Expression\Node;
use Runel\Job\Jobs;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Slip\WrongRules;

/**
 * A class that is not there: it answers with right and with slipped answers, so that one tutor alone can see a room
 * at work. It goes the way of any learner, through the same door.
 */
final readonly class PretendClass
{
    private const NAMES = [
        'Ferry', 'Keel', 'Tiller', 'Anchor', 'Rudder', 'Mast', 'Bowline', 'Halyard', 'Jib', 'Oar', 'Plank', 'Sail',
        'Spar', 'Stern', 'Tack', 'Wharf', 'Buoy', 'Cleat', 'Dinghy', 'Fender', 'Galley', 'Hatch', 'Hull', 'Knot',
        'Lantern', 'Mooring', 'Pennant', 'Quay', 'Rope', 'Skiff', 'Thwart', 'Windlass', 'Barge', 'Compass', 'Drift',
        'Eddy', 'Foam', 'Gull', 'Harbour', 'Inlet',
    ];
    /** Of a hundred, so many are right and so many type what cannot be read; the others slip. */
    private const RIGHT = 60;
    private const UNREAD = 5;

    public function __construct(
        private Slates $slates,
        private SlateAnswers $answers,
        private Catalogue $catalogue,
        private PageFace $page,
        private Randomizer $dice,
    ) {}

    /** @return list<RoomMember> as many as come in, under the names of a boatyard */
    public function comeIn(LiveRoom $room, int $count): array
    {
        $members = [];
        foreach (\array_slice(self::NAMES, 0, $count) as $name) {
            try {
                $members[] = $this->slates->join($room, hash('xxh128', "$room->id $name"), $name, '');
            } catch (Refusal) {
                continue;
            }
        }

        return $members;
    }

    /**
     * Everybody answers what is open, or writes a line more.
     *
     * @param list<RoomMember> $members
     */
    public function answer(LiveRoom $room, array $members): int
    {
        $sent = 0;
        foreach ($members as $member) {
            try {
                if ($room->kind === Slates::LINES) {
                    $this->answers->write($room, $member, $this->line($room, $member), $room->number);
                } else {
                    $this->answers->answer($room, $member, $this->typed($room), $room->number, $this->page);
                }
                ++$sent;
            } catch (Refusal) {
                continue;
            }
        }

        return $sent;
    }

    private function typed(LiveRoom $room): string
    {
        $asked = $this->slates->asked($room);
        $chance = $this->dice->getInt(1, 100);
        if ($asked === null || $chance > 100 - self::UNREAD) {
            return 'I do not know (';
        }
        $slipped = $chance > self::RIGHT
            ? $this->slipped($asked->question, $asked->board->demonstration->job)
            : null;

        return $slipped ?? self::accepted($asked->question);
    }

    /** The line before with a slip of the job done to it; null where none fits. */
    private function slipped(Question $question, string $job): ?string
    {
        $outcomes = [];
        foreach ($question->subjects() as $subject) {
            foreach (WrongRules::outcomes(Jobs::all()->of($job)->rules(), $subject) as [, $wrong]) {
                $outcomes[] = $wrong;
                if (\count($outcomes) > 5) {
                    break;
                }
            }
        }
        $wrong = $outcomes === [] ? null : $outcomes[$this->dice->getInt(0, min(2, \count($outcomes) - 1))];
        $isEquation = $question->kind === AnswerKind::Equation;

        return match (true) {
            $wrong === null => null,
            $wrong instanceof Equation && !$isEquation => Ascii::typed($wrong->right),
            default => Ascii::typed($wrong),
        };
    }

    private static function accepted(Question $question): string
    {
        return implode(', ', array_map(
            static fn(Node $node): string => Ascii::typed($node),
            \in_array($question->kind, [AnswerKind::Pair, AnswerKind::Solutions], true)
                ? $question->accepted
                : \array_slice($question->accepted, 0, 1),
        ));
    }

    /** The next line of the usual way, now and then with a sign that is off. */
    private function line(LiveRoom $room, RoomMember $member): string
    {
        $asked = $this->slates->problem($room);
        $written = \count($this->answers->work($room, $member)->lines ?? []);
        $lines = $asked === null ? [] : array_values(array_filter(array_map(
            static fn(Line $line): ?string => $line->link === Link::Side || $line->link === Link::Given
                ? null
                : Ascii::typed($line->node),
            array_merge(...array_map(
                static fn($step): array => $step->lines,
                $this->catalogue->demonstrate($asked->task, $asked->job)->steps(),
            )),
        )));
        $line = $lines[$written] ?? throw new BadRequest(Message::of('slates.is-right'));

        return $this->dice->getInt(1, 100) > 100 - self::RIGHT / 4 ? "$line+1" : $line;
    }
}
