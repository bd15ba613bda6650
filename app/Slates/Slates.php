<?php

declare(strict_types=1);

namespace App\Slates;

use App\Access\ShortCode;
use App\Demonstrations\Demonstrations;
use App\Kept\Named;
use App\Kept\Writing;
use App\Models\Learner;
use App\Models\LiveRoom;
use App\Models\RoomMember;
use Illuminate\Database\Connection;
use Illuminate\Support\Carbon;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;

/** Live rooms: opened on a board, over after three hours; what is asked in them, and who is there. */
final readonly class Slates
{
    public const STEP = 'step';
    public const LINES = 'lines';
    public const STATES = ['open', 'stopped', 'told'];
    public const RULES = ['change', 'once', 'until-right'];
    public const LONGEST_NAME = 24;
    private const HOURS = 3;
    private const MOST_MEMBERS = 400;

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

    /** @return list<RoomMember> those in the room */
    public function present(LiveRoom $room): array
    {
        return array_values($room->members()->where('removed', false)->get()->all());
    }

    /** What the tutor sees has changed. */
    public function hear(LiveRoom $room): void
    {
        LiveRoom::query()->whereKey($room->id)->increment('heard');
    }
}
