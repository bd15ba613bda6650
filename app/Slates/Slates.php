<?php

declare(strict_types=1);

namespace App\Slates;

use App\Access\ShortCode;
use App\Demonstrations\Demonstrations;
use App\Kept\Named;
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
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Slip\Slip;

/** Live rooms: opened on a board, answered from every screen, told without names, over after three hours. */
final readonly class Slates
{
    public const STEP = 'step';
    public const LINES = 'lines';
    public const STATES = ['open', 'stopped', 'told'];
    public const RULES = ['change', 'once', 'until-right'];
    public const LONGEST_NAME = 24;
    public const LONGEST_ANSWER = 200;
    private const HOURS = 3;
    private const MOST_MEMBERS = 400;
    /** More tries than these nobody needs. */
    private const MOST_TRIES = 200;

    /** @var \WeakMap<LiveRoom, array{int, AskedStep|null}> what is asked, demonstrated once a request */
    private \WeakMap $known;

    public function __construct(
        private Connection $connection,
        private Writing $writing,
        private Catalogue $catalogue,
        private Demonstrations $demonstrations,
    ) {
        $this->known = new \WeakMap();
    }

    /** The tutor's room, where one is open. */
    public function current(): ?LiveRoom
    {
        return LiveRoom::query()->where('ends_at', '>', Carbon::now())->latest('id')->first();
    }

    /** A room by its code, as long as it is open. */
    public function found(string $typed): ?LiveRoom
    {
        $code = ShortCode::read($typed);

        return $code === null ? null : LiveRoom::query()->where('code', $code)
            ->where('ends_at', '>', Carbon::now())->first();
    }

    /**
     * Asks a room, the one that is open or a new one.
     *
     * @param array<array-key, mixed> $parts of the board's address
     * @param string|null             $group whose room it is, where it is new
     * @param string                  $kind  step, or lines for the whole problem
     *
     * @throws BadRequest when nothing more is asked on this board
     * @throws Refusal    when there is no such board
     */
    public function ask(array $parts, ?string $group = null, string $kind = self::STEP): LiveRoom
    {
        if ($parts === []) {
            throw new BadRequest(Message::of('slates.nothing-asked'));
        }
        $asked = $kind === self::LINES
            ? AskedProblem::from($parts, $this->catalogue)
            : AskedStep::from($parts, $this->demonstrations, $this->catalogue)
                ?? throw new BadRequest(Message::of('slates.nothing-asked'));
        $room = $this->current();
        if ($room !== null) {
            LiveRoom::query()->whereKey($room->id)->update([
                'asked' => json_encode($asked->parts(), \JSON_THROW_ON_ERROR),
                'kind' => $kind,
                'number' => $room->number + 1,
                'state' => 'open',
                'put_up' => null,
                'version' => $room->version + 1,
                'heard' => $room->heard + 1,
            ]);

            return $room->refresh();
        }
        $this->sweep();
        do {
            $code = ShortCode::fresh();
        } while (LiveRoom::query()->where('code', $code)->exists());

        return LiveRoom::query()->create([
            'code' => $code,
            'group_id' => $group,
            'kind' => $kind,
            'asked' => $asked->parts(),
            'ends_at' => Carbon::now()->addHours(self::HOURS),
        ])->refresh();
    }

    /** The problem a room works on; null where a step is asked for. */
    public function problem(LiveRoom $room): ?AskedProblem
    {
        try {
            return $room->kind === self::LINES ? AskedProblem::from($room->asked, $this->catalogue) : null;
        } catch (Refusal) {
            return null;
        }
    }

    /** What is asked in a room; null where nothing of it is left to be asked. */
    public function asked(LiveRoom $room): ?AskedStep
    {
        if ($room->kind !== self::STEP) {
            return null;
        }
        [$number, $known] = $this->known[$room] ?? [0, null];
        if ($number !== $room->number) {
            try {
                $known = AskedStep::from($room->asked, $this->demonstrations, $this->catalogue);
            } catch (Refusal) {
                $known = null;
            }
            $this->known[$room] = [$room->number, $known];
        }

        return $known;
    }

    /**
     * What the tutor sets: the state, how often one may answer, what is shown when.
     *
     * @param array<string, string|bool|null> $changes
     */
    public function set(LiveRoom $room, array $changes): void
    {
        LiveRoom::query()->whereKey($room->id)->update($changes + [
            'version' => $this->connection->raw('version + 1'),
            'heard' => $this->connection->raw('heard + 1'),
        ]);
    }

    /** The room is over, and all that was in it goes. */
    public function close(LiveRoom $room): void
    {
        LiveRoom::query()->whereKey($room->id)->delete();
    }

    /** Rooms that are over go. */
    public function sweep(): void
    {
        LiveRoom::query()->where('ends_at', '<=', Carbon::now())->delete();
    }

    /** Whoever comes back with the same browser is who they were. */
    public function member(LiveRoom $room, string $token): ?RoomMember
    {
        return $token === '' ? null : RoomMember::query()->where('room_id', $room->id)
            ->where('token', hash('sha256', $token))->where('removed', false)->first();
    }

    /**
     * Somebody comes in: under a name of their own, or as a learner of the room's group.
     *
     * @param string $token what their browser keeps
     *
     * @throws BadRequest where the name is none, or somebody else's, or the room is full
     */
    public function join(LiveRoom $room, string $token, string $name, string $learner): RoomMember
    {
        $one = $room->group_id === null || $learner === ''
            ? null
            : $room->group?->learners()->whereKey($learner)->first();
        $name = $one instanceof Learner ? $one->name : Named::of($name);
        if (!$one instanceof Learner && mb_strlen($name) > self::LONGEST_NAME) {
            throw new BadRequest(Message::of('slates.long-name', ['most' => self::LONGEST_NAME]));
        }

        return $this->writing->whole(function () use ($room, $token, $name, $one): RoomMember {
            $members = RoomMember::query()->where('room_id', $room->id)->get();
            $known = $members->firstWhere('token', hash('sha256', $token));
            if ($known instanceof RoomMember && $known->removed) {
                throw new BadRequest(Message::of('slates.removed'));
            }
            foreach ($members as $other) {
                if ($other !== $known && mb_strtolower($other->name) === mb_strtolower($name)) {
                    throw new BadRequest(Message::of('slates.name-taken', ['name' => $name]));
                }
            }
            if (\count($members) >= self::MOST_MEMBERS) {
                throw new BadRequest(Message::of('slates.full'));
            }
            $member = RoomMember::query()->updateOrCreate(
                ['room_id' => $room->id, 'token' => hash('sha256', $token)],
                ['name' => $name, 'learner_id' => $one?->id],
            );
            $this->hear($room);

            return $member;
        });
    }

    /** Somebody is asked to leave; their browser does not come in again. */
    public function remove(LiveRoom $room, string $member): void
    {
        RoomMember::query()->where('room_id', $room->id)->whereKey($member)->update(['removed' => true]);
        $this->set($room, []);
    }

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
        if (mb_strlen($typed) > self::LONGEST_ANSWER) {
            throw new BadRequest(Message::of('slates.long-answer', ['most' => self::LONGEST_ANSWER]));
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
            $this->hear($room);
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
        $asked = $this->problem($room);
        $lines = $this->work($room, $member)->lines ?? [];
        throw_if($asked === null || $number !== $room->number, new BadRequest(Message::of('slates.gone-on')));
        throw_if($room->state !== 'open', new BadRequest(Message::of('slates.is-stopped')));
        throw_if($typed === '', new BadRequest(Message::of('slates.no-answer')));
        throw_if(mb_strlen((string) $typed) > self::LONGEST_ANSWER, new BadRequest(Message::of(
            'slates.long-answer',
            ['most' => self::LONGEST_ANSWER],
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
            $this->hear($room);
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
        if ($isRead || $room->kind !== self::LINES) {
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
        $asked = $this->problem($room);
        if ($asked === null) {
            return 0;
        }
        $works = $this->works($room);
        $count = 0;
        foreach ($this->present($room) as $member) {
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

    /** @return list<RoomMember> those in the room */
    public function present(LiveRoom $room): array
    {
        return array_values($room->members()->where('removed', false)->get()->all());
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
        $asked = $this->asked($room) ?? throw new BadRequest(Message::of('slates.nothing-asked'));
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

    /** What the tutor sees has changed. */
    private function hear(LiveRoom $room): void
    {
        LiveRoom::query()->whereKey($room->id)->increment('heard');
    }
}
