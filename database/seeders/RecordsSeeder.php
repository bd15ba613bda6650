<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Lessons\KeptLessons;
use App\Lessons\LessonCode;
use App\Lessons\LessonFile;
use App\Lessons\LessonHead;
use App\Lessons\ProposedLesson;
use App\Models\Attempt;
use App\Models\Learner;
use App\Models\LearnerGroup;
use App\Models\Lesson;
use App\Models\LessonMoment;
use App\Models\LessonPlay;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Runel\Job\Jobs;
use Runel\Ladder\Chance;
use Runel\Lesson\Proposal;
use Runel\Method\Catalogue;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Style\HouseStyle;

/** One group of the evening study room above the boatbuilder's yard: six weeks of work, three lessons, one held. */
final class RecordsSeeder extends Seeder
{
    private const GROUP = 'Thursday evening, upper room';
    /** What each learner works on, and how likely a slip is, in tenths. */
    private const WORK = [
        [['linear.3', 'linear.4', 'factor-monic.2'], 2],
        [['linear.3', 'linear.4', 'linear.5'], 5],
        [['factor-monic.2', 'factor-monic.3'], 1],
        [['factor-monic.2', 'linear.4', 'multiply-binomials.3'], 4],
        [['linear.4', 'square-solve.2', 'factor-monic.3'], 3],
    ];
    /** Days back from today on which they worked. */
    private const DAYS = [41, 38, 33, 31, 24, 17, 10, 3];
    private const LESSONS = [
        ['Parentheses with a minus in front', 'linear.4.45.24.100.41.1.60.1.1', -7, '17:30'],
        ['Pairs for a difference', 'factor-monic.3.45.24.100.42.1.60.1.1', 0, '17:30'],
        ['A number before the square', 'factor-leading.2.60.24.100.43.1.60.1.1', 7, '17:30'],
    ];

    public function run(
        Catalogue $catalogue,
        Chance $chance,
        Proposal $proposal,
        LessonFile $file,
        KeptLessons $kept,
    ): void {
        $group = LearnerGroup::query()->create(['id' => self::key('group'), 'name' => self::GROUP]);
        $dice = $chance->dice('evening study room');
        foreach (self::WORK as $number => [$rungs, $tenths]) {
            $learner = Learner::factory()->create([
                'id' => self::key("learner $number"),
                'created_at' => Carbon::now()->subDays(42),
                'note' => $number === 1 ? 'Works fast; ask for the sign before the number.' : '',
            ]);
            $group->learners()->attach($learner->id);
            foreach (self::DAYS as $place => $back) {
                [$skill, $rung] = explode('.', $rungs[$place % \count($rungs)] ?? $rungs[0]);
                $made = Maker::make($catalogue, $chance, HouseStyle::default(), Order::of(
                    Jobs::ladders()->of($skill),
                    $rung,
                    '1',
                    (string) ($number * 100 + $place),
                    Wishes::none(),
                ))[0];
                Attempt::factory()->working(
                    $made,
                    $dice,
                    Carbon::today()->subDays($back)->setTime(17, $dice->between(30, 59)),
                    $dice->between(1, 10) <= $tenths,
                    $dice->between(1, 6) === 1 ? $dice->between(1, 3) : 0,
                )->create(['id' => self::key("attempt $number $place"), 'learner_id' => $learner->id]);
            }
        }
        foreach (self::LESSONS as [$name, $code, $days, $time]) {
            $proposed = ProposedLesson::of(LessonCode::of(['lesson' => $code]), $proposal, HouseStyle::default());
            $lesson = $kept->keep(LessonHead::of([
                'name' => $name,
                'held_at' => Carbon::today()->addDays($days)->toDateString() . " $time",
                'minutes' => $proposed->plan()->minutes,
                'wide' => $proposed->plan()->surface->wide,
                'high' => $proposed->plan()->surface->high,
            ]), $proposed->kept($file->goal(...)), HouseStyle::default());
            Lesson::query()->whereKey($lesson->id)->update(['id' => self::key($name)]);
            if ($days < 0) {
                self::held(Lesson::query()->findOrFail(self::key($name)), $proposed);
            }
        }
    }

    /** As it went: a little slower than planned, with a note. */
    private static function held(Lesson $lesson, ProposedLesson $proposed): void
    {
        $at = $lesson->held_at ?? Carbon::now();
        $play = LessonPlay::query()->create([
            'id' => self::key('play'),
            'lesson_id' => $lesson->id,
            'started_at' => $at,
        ]);
        foreach ($proposed->plan()->items as $place => $item) {
            LessonMoment::query()->create([
                'id' => self::key("moment $place"),
                'play_id' => $play->id,
                'kind' => LessonMoment::REACHED,
                'place' => $place + 1,
                // What the demo brings was never taught by this tutor: it tells nothing of their pace.
                'usual' => null,
                'at' => $at,
            ]);
            $at = $at->copy()->addSeconds(intdiv($item->seconds * 115, 100));
        }
        LessonMoment::query()->create([
            'id' => self::key('note'),
            'play_id' => $play->id,
            'kind' => LessonMoment::NOTE,
            'place' => 3,
            'text' => 'The minus before the parentheses: two of them carried it to the first term only.',
            'at' => $at,
        ]);
        $play->update(['ended_at' => $at]);
    }

    /** The same key in every installation, so that demo data that went out with an export meets itself again. */
    private static function key(string $what): string
    {
        return '0' . substr(hash('sha256', "evening study room $what"), 0, 25);
    }
}
