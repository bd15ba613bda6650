<?php

declare(strict_types=1);

namespace App\Slates;

use App\Kept\Writing;
use App\Learners\Records;
use App\Models\Learner;
use App\Models\LiveRoom;
use App\Models\RoomMember;
use App\Page\PageFace;
use App\Values\Given;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Carbon;
use Runel\Job\Jobs;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Method\Catalogue;
use Runel\Slip\Slip;

/** What a live room writes: answers to the step that is asked, or the lines of a whole problem; told without names. */
final readonly class SlateAnswers
{
    public const LONGEST = 200;
    /** More tries than these nobody needs. */
    private const MOST_TRIES = 200;

    public function __construct(
        private Connection $connection,
        private Writing $writing,
        private Catalogue $catalogue,
        private Slates $slates,
    ) {}

    /**
     * An answer to the question that is open. What is the same text is judged once.
     *
     * @throws BadRequest where none is taken, with the reason
     */
    public function answer(LiveRoom $room, RoomMember $member, string $typed, int $number, PageFace $page): void
    {
        $typed = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($typed)));
        if ($typed === '') {
            throw new BadRequest(Message::of('slates.no-answer'));
        }
        if (mb_strlen($typed) > self::LONGEST) {
            throw new BadRequest(Message::of('slates.long-answer', ['most' => self::LONGEST]));
        }
        if ($number !== $room->number) {
            throw new BadRequest(Message::of('slates.gone-on'));
        }
        if ($room->state !== 'open') {
            throw new BadRequest(Message::of('slates.is-stopped'));
        }
        $this->judge($room, $typed, $page);
        $this->writing->whole(function () use ($room, $member, $typed, $number): void {
            $row = $this->connection->table('room_answers')->where('member_id', $member->id)
                ->where('number', $number);
            $before = (array) $row->first(['typed', 'tries']);
            $tries = \is_int($before['tries'] ?? null) ? $before['tries'] : 0;
            $last = \is_string($before['typed'] ?? null) ? $before['typed'] : null;
            if ($last !== null && $room->rule === 'once') {
                throw new BadRequest(Message::of('slates.only-once'));
            }
            if ($last !== null && $room->rule === 'until-right' && $this->isRight($room, $last)) {
                throw new BadRequest(Message::of('slates.is-right'));
            }
            if ($tries >= self::MOST_TRIES) {
                throw new BadRequest(Message::of('slates.many-tries'));
            }
            $values = ['typed' => $typed, 'tries' => $tries + 1, 'updated_at' => Carbon::now()];
            if ($last === null) {
                $this->connection->table('room_answers')->insert($values + [
                    'room_id' => $room->id,
                    'member_id' => $member->id,
                    'number' => $number,
                    'created_at' => Carbon::now(),
                ]);
            } else {
                $row->update($values);
            }
            $this->slates->hear($room);
        });
    }

    /**
     * A line more of somebody's own work, or the last one taken back.
     *
     * @throws BadRequest where none is taken, with the reason
     */
    public function write(LiveRoom $room, RoomMember $member, ?string $typed, int $number): void
    {
        $typed = $typed === null ? null : trim((string) preg_replace('/\s+/u', ' ', mb_scrub($typed)));
        $asked = $this->slates->problem($room);
        $lines = $this->work($room, $member)->lines ?? [];
        throw_if($asked === null || $number !== $room->number, new BadRequest(Message::of('slates.gone-on')));
        throw_if($room->state !== 'open', new BadRequest(Message::of('slates.is-stopped')));
        throw_if($typed === '', new BadRequest(Message::of('slates.no-answer')));
        throw_if(mb_strlen((string) $typed) > self::LONGEST, new BadRequest(Message::of(
            'slates.long-answer',
            ['most' => self::LONGEST],
        )));
        throw_if($typed !== null && \count($lines) >= OwnWork::MOST_LINES, new BadRequest(Message::of(
            'slates.many-lines',
            ['most' => OwnWork::MOST_LINES],
        )));
        $lines = $typed === null ? \array_slice($lines, 0, -1) : [...$lines, $typed];
        $work = OwnWork::of($asked, $lines, $this->catalogue);
        $this->writing->whole(function () use ($room, $member, $lines, $work): void {
            $this->connection->table('room_answers')->upsert([[
                'room_id' => $room->id,
                'member_id' => $member->id,
                'number' => $room->number,
                'typed' => implode("\n", $lines),
                'work' => $work->json(),
                'created_at' => Carbon::now(),
                'updated_at' => Carbon::now(),
            ]], ['member_id', 'number'], ['typed', 'work', 'updated_at']);
            $this->slates->hear($room);
        });
    }

    /** How far somebody is; null where nothing is written. */
    public function work(LiveRoom $room, RoomMember $member): ?OwnWork
    {
        return $this->works($room, $member->id)[$member->id] ?? null;
    }

    /** @return array<string, OwnWork> by member, who needs help first */
    public function works(LiveRoom $room, ?string $member = null): array
    {
        $works = [];
        $rows = $this->connection->table('room_answers')->where('room_id', $room->id)
            ->where('number', $room->number)
            ->when($member !== null, static fn(Builder $query): Builder => $query->where('member_id', $member))
            ->get(['member_id', 'typed', 'work']);
        foreach ($rows as $row) {
            $given = Given::of((array) $row);
            $typed = (string) $given->typed('typed');
            $works[(string) $given->typed('member_id')] = OwnWork::kept(
                $typed === '' ? [] : explode("\n", $typed),
                (string) $given->typed('work'),
            );
        }
        uasort($works, static fn(OwnWork $one, OwnWork $other): int => $one->need() <=> $other->need());

        return $works;
    }

    /** Only mathematics that was read is put up before others, and never a name. */
    public function putUp(LiveRoom $room, string $typed): ?string
    {
        $isRead = $this->connection->table('room_verdicts')->where('room_id', $room->id)
            ->where('number', $room->number)->where('typed', $typed)->where('read', true)->exists();
        if ($isRead || $room->kind !== Slates::LINES) {
            return $isRead ? $typed : null;
        }
        foreach ($this->works($room) as $work) {
            if ($work->text() === $typed) {
                return implode("\n", array_filter(
                    $work->lines,
                    static fn(int $place): bool => $work->read[$place] ?? false,
                    \ARRAY_FILTER_USE_KEY,
                ));
            }
        }

        return null;
    }

    /** The lines of those who are learners of the tutor's go into their records; how many pieces they were. */
    public function record(LiveRoom $room, Records $records): int
    {
        $asked = $this->slates->problem($room);
        if ($asked === null) {
            return 0;
        }
        $works = $this->works($room);
        $count = 0;
        foreach ($this->slates->present($room) as $member) {
            $learner = $member->learner_id === null ? null : Learner::query()->find($member->learner_id);
            $lines = $works[$member->id]->lines ?? [];
            if ($learner instanceof Learner && $lines !== []) {
                $records->typed($learner, $asked->task->problem->source, $lines, Carbon::now());
                ++$count;
            }
        }

        return $count;
    }

    /** What somebody has answered last to the question; null where nothing. */
    public function answered(LiveRoom $room, RoomMember $member): ?string
    {
        $typed = $this->connection->table('room_answers')->where('member_id', $member->id)
            ->where('number', $room->number)->value('typed');

        return \is_string($typed) ? $typed : null;
    }

    /** @return array{right: bool, said: string}|null what is said of an answer, safe HTML */
    public function verdict(LiveRoom $room, string $typed): ?array
    {
        $row = $this->connection->table('room_verdicts')->where('room_id', $room->id)
            ->where('number', $room->number)->where('typed', $typed)->first(['right', 'said']);

        return $row === null ? null : [
            'right' => (bool) ($row->right ?? false),
            'said' => \is_string($row->said ?? null) ? $row->said : '',
        ];
    }

    /** @return list<AnswerGroup> the right one first, then the largest, what could not be read last */
    public function groups(LiveRoom $room): array
    {
        $rows = $this->connection->table('room_answers')
            ->join('room_members', 'room_members.id', '=', 'room_answers.member_id')
            ->join('room_verdicts', static function (JoinClause $join): void {
                $join->on('room_verdicts.room_id', '=', 'room_answers.room_id')
                    ->on('room_verdicts.number', '=', 'room_answers.number')
                    ->on('room_verdicts.typed', '=', 'room_answers.typed');
            })
            ->where('room_answers.room_id', $room->id)->where('room_answers.number', $room->number)
            ->where('room_members.removed', false)->orderBy('room_answers.created_at')->orderBy('room_answers.id')
            ->get(['room_answers.typed', 'name', 'alike', 'right', 'read', 'slip', 'said']);
        /** @var array<string, non-empty-list<Given>> $alike */
        $alike = [];
        foreach ($rows as $row) {
            $given = Given::of((array) $row);
            $alike[$given->text('alike')][] = $given;
        }
        $groups = [];
        foreach ($alike as $key => $same) {
            $groups[] = new AnswerGroup(
                (string) $key,
                $same[0]->text('typed'),
                $same[0]->isOn('right'),
                $same[0]->isOn('read'),
                Slip::tryFrom($same[0]->text('slip')),
                (string) $same[0]->typed('said'),
                array_map(static fn(Given $one): string => $one->text('name'), $same),
            );
        }
        usort($groups, static fn(AnswerGroup $one, AnswerGroup $other): int =>
            [$other->isRight, $other->isRead, $other->count()] <=> [$one->isRight, $one->isRead, $one->count()]);

        return $groups;
    }

    /** @return list<string> the ids of those who have answered */
    public function who(LiveRoom $room): array
    {
        return array_values(array_filter(
            $this->connection->table('room_answers')->where('room_id', $room->id)
                ->where('number', $room->number)->pluck('member_id')->all(),
            is_string(...),
        ));
    }

    private function isRight(LiveRoom $room, string $typed): bool
    {
        return $this->verdict($room, $typed)['right'] ?? false;
    }

    private function judge(LiveRoom $room, string $typed, PageFace $page): void
    {
        if ($this->verdict($room, $typed) !== null) {
            return;
        }
        $asked = $this->slates->asked($room) ?? throw new BadRequest(Message::of('slates.nothing-asked'));
        $heard = Heard::of(
            $asked->question,
            $typed,
            Jobs::all()->of($asked->board->demonstration->job)->rules(),
            $asked->board->demonstration->task->problem->node,
        );
        $this->connection->table('room_verdicts')->insertOrIgnore([
            'room_id' => $room->id,
            'number' => $room->number,
            'typed' => $typed,
            'alike' => $heard->alike,
            'right' => $heard->verdict->right,
            'read' => $heard->isRead,
            'slip' => $heard->verdict->slip?->value,
            'said' => $page->say($heard->verdict->message),
        ]);
    }
}
