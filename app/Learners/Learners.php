<?php

declare(strict_types=1);

namespace App\Learners;

use App\Kept\ChangedElsewhere;
use App\Kept\Named;
use App\Kept\Writing;
use App\Models\Attempt;
use App\Models\Learner;
use App\Models\LearnerGroup;
use App\Models\ReturnWord;
use App\Ruling\Ruling;
use App\Values\Given;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Style\HouseStyle;

/** The learners and their groups. Every change is one transaction. */
final readonly class Learners
{
    public const MOST = 1000;
    private const MOST_GROUPS = 100;
    private const LONGEST_NOTE = 4000;
    /** A day holds no more than this. */
    public const MOST_DAILY = 12;

    public function __construct(private Writing $writing) {}

    /** @return list<Learner> by name */
    public function all(): array
    {
        return array_values(Learner::query()->readable()->with('groups')->orderBy('name')->get()->all());
    }

    /** @return list<LearnerGroup> by name */
    public function groups(): array
    {
        return array_values(LearnerGroup::query()->with('learners')->orderBy('name')->get()->all());
    }

    /**
     * @param string|null $group the id of the group they join
     *
     * @throws BadRequest when the name is none, or is somebody's already
     */
    public function add(mixed $name, HouseStyle $style, ?string $group): Learner
    {
        $name = Named::of($name);

        return $this->writing->whole(static function () use ($name, $style, $group): Learner {
            if (self::alike($name) !== []) {
                throw new BadRequest(Message::of('learner.name-taken', ['name' => $name]));
            }
            if (Learner::query()->count() >= self::MOST) {
                throw new BadRequest(Message::of('learner.too-many', ['most' => self::MOST]));
            }
            $learner = Learner::query()->create(['name' => $name, 'style' => $style]);
            if ($group !== null && LearnerGroup::query()->whereKey($group)->exists()) {
                $learner->groups()->attach($group);
            }

            return $learner;
        });
    }

    /**
     * @param array<array-key, mixed> $values name, note, daily, groups (ids)
     * @param HouseStyle|null         $style  null: as it was
     *
     * @throws BadRequest
     * @throws ChangedElsewhere
     */
    public function change(Learner $learner, int $version, array $values, ?HouseStyle $style): void
    {
        $name = Named::of($values['name'] ?? null);
        $given = Given::of($values);
        $note = $given->text('note');
        $daily = $given->number('daily', 2) ?? 0;
        if (mb_strlen($note) > self::LONGEST_NOTE) {
            throw new BadRequest(Message::of('learner.long-note', ['most' => self::LONGEST_NOTE]));
        }
        if ($daily < 1 || $daily > self::MOST_DAILY) {
            throw new BadRequest(Message::of('learner.daily-wrong', ['most' => self::MOST_DAILY]));
        }
        $groups = $given->texts('groups');
        $this->writing->whole(static function () use (
            $learner,
            $version,
            $name,
            $note,
            $daily,
            $groups,
            $style,
        ): void {
            $others = array_filter(self::alike($name), static fn(Learner $other): bool => $other->id !== $learner->id);
            // Somebody who shares a name already keeps it; nobody comes to share one.
            if ($others !== [] && self::key($learner->name) !== self::key($name)) {
                throw new BadRequest(Message::of('learner.name-taken', ['name' => $name]));
            }
            // The version is taken in the same statement, so that two windows cannot both have it.
            $taken = Learner::query()->whereKey($learner->id)->where('version', $version)->increment('version');
            if ($taken !== 1) {
                throw new ChangedElsewhere($learner->id);
            }
            $fresh = Learner::query()->findOrFail($learner->id);
            $fresh->fill(['name' => $name, 'note' => $note, 'daily' => (int) $daily]);
            $fresh->style = $style ?? $fresh->style;
            $fresh->save();
            $fresh->groups()->sync(LearnerGroup::query()->whereKey($groups)->pluck('id')->all());
        });
    }

    /** A house style for everybody in a group. */
    public function restyle(LearnerGroup $group, HouseStyle $style): void
    {
        $this->writing->whole(static function () use ($group, $style): void {
            foreach ($group->learners as $learner) {
                $learner->update(['style' => $style, 'version' => $learner->version + 1]);
            }
        });
    }

    /** @throws BadRequest */
    public function addGroup(mixed $name): LearnerGroup
    {
        $name = Named::of($name);
        if (LearnerGroup::query()->count() >= self::MOST_GROUPS) {
            throw new BadRequest(Message::of('learner.too-many-groups', ['most' => self::MOST_GROUPS]));
        }

        return LearnerGroup::query()->create(['name' => $name]);
    }

    /**
     * The tutor's word on when a rung comes back.
     *
     * @param Carbon|null $due null: not at all
     */
    public function say(Learner $learner, string $skill, int $rung, ?Carbon $due): void
    {
        ReturnWord::query()->create([
            'learner_id' => $learner->id,
            'skill' => $skill,
            'rung' => $rung,
            'said_on' => Carbon::today(),
            'due_on' => $due,
        ]);
    }

    /** Whoever a name means: however it is written, as long as nobody else could be meant. */
    public static function named(string $name): ?Learner
    {
        $found = self::alike($name);

        return \count($found) === 1 ? $found[0] : null;
    }

    /** @return list<Learner> all whose name is this one, however it is written */
    private static function alike(string $name): array
    {
        $key = self::key($name);

        return array_values(Learner::query()->get(['id', 'name'])
            ->filter(static fn(Learner $learner): bool => self::key($learner->name) === $key)->all());
    }

    /**
     * Those without any work for so many months.
     *
     * @return list<Learner>
     */
    public function resting(int $months): array
    {
        $since = Carbon::now()->subMonths($months);

        return array_values(Learner::query()->readable()->where('created_at', '<', $since)->whereDoesntHave(
            'attempts',
            static fn(Builder $attempts): Builder => $attempts->where('at', '>=', $since),
        )->orderBy('name')->get()->all());
    }

    /**
     * The tutor's word on a piece of work, with a mark and a remark.
     *
     * @param array<array-key, mixed> $said piece, lines, slips, mark, remark
     *
     * @throws BadRequest when a word is none
     */
    public function rule(Attempt $attempt, array $said): void
    {
        $ruling = Ruling::of($said);
        $given = Given::of($said);
        $this->writing->whole(static function () use ($attempt, $ruling, $given): void {
            $fresh = Attempt::query()->findOrFail($attempt->id);
            $fresh->fill([
                'mark' => $given->text('mark', 20),
                'remark' => $given->text('remark', 400),
                'ruled' => $ruling->toArray(),
            ]);
            $fresh->save();
        });
    }

    public function removeAttempt(Attempt $attempt): void
    {
        $attempt->delete();
    }

    private static function key(string $name): string
    {
        return mb_strtolower((string) preg_replace('/[\s.]+/u', ' ', trim($name)));
    }
}
