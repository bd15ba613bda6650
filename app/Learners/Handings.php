<?php

declare(strict_types=1);

namespace App\Learners;

use App\Access\ShortCode;
use App\Models\Handing;
use App\Models\Learner;
use Illuminate\Contracts\Routing\UrlGenerator;
use Illuminate\Routing\UrlGenerator as Urls;
use Illuminate\Support\Carbon;
use Runel\Demonstration\TaskReference;
use Runel\Job\Jobs;
use Runel\Ladder\Chance;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Practice\Belonging;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\SlippedPage;
use Runel\Practice\Wishes;
use Runel\Slip\Slip;

/** Tasks handed to learners, each under a signed address that expires and shows nothing but them. */
final readonly class Handings
{
    /** In days. */
    public const TIMES = [1, 3, 7, 14];
    public const MOST_TASKS = 20;
    /** What a learner's own work adds to the address, and what it is signed without. */
    public const UNSIGNED = [
        'task', 'line', 'next', 'help', 'mended', 'time', 'compare', 'on', 'draft', 'said', 'pick',
    ];

    public function __construct(
        private Catalogue $catalogue,
        private Chance $chance,
        private UrlGenerator $urls,
    ) {}

    /**
     * @param list<TaskReference> $tasks
     * @param int                 $days  one of the times
     * @param Carbon|null         $opens not before then; null: at once
     * @param bool                $test  whether it gives no help
     */
    public function hand(
        Learner $learner,
        array $tasks,
        int $days,
        ?Carbon $opens = null,
        bool $test = false,
    ): Handing {
        $tasks = \array_slice($tasks, 0, self::MOST_TASKS);

        return Handing::query()->create([
            'learner_id' => $learner->id,
            'tasks' => array_map(static fn(TaskReference $task): array => (new TaskReference(
                $task->problem,
                $task->job,
                null,
                $learner->style,
                $task->choices,
                $task->read,
                $task->page,
            ))->toBeKept()->toArray(), $tasks),
            'code' => self::code(),
            'opens_at' => $opens,
            'is_test' => $test,
            'expires_at' => ($opens ?? Carbon::now())->copy()->addDays(
                \in_array($days, self::TIMES, true) ? $days : self::TIMES[2],
            ),
        ]);
    }

    /** What was handed out under a code, as long as it is open. */
    public function found(string $typed): ?Handing
    {
        $code = ShortCode::read($typed, ShortCode::HANDING);

        return $code === null ? null : Handing::query()->readable()->where('code', $code)
            ->where('expires_at', '>', Carbon::now())->first();
    }

    /** @return list<Handing> all that can be opened still, the newest first */
    public function open(): array
    {
        return array_values(Handing::query()->readable()->with('learner', 'attempts')
            ->where('expires_at', '>', Carbon::now())->orderByDesc('created_at')->orderByDesc('id')->get()->all());
    }

    /**
     * Another problem like one, for one learner: of the same rung, where it belongs to one exactly; else the same.
     *
     * @throws Refusal when it cannot be worked
     */
    public function alike(TaskReference $task, Learner $learner, int $place): TaskReference
    {
        $belongs = Belonging::of(
            $this->catalogue->demonstrate($task->task(), $task->job, $task->method),
            $this->catalogue,
        );
        if (!$belongs->exact || $belongs->ladder === null || $belongs->rung === null) {
            return $task;
        }
        try {
            [$made] = Maker::make($this->catalogue, $this->chance, $learner->style, Order::of(
                $belongs->ladder,
                (string) $belongs->rung->number,
                '1',
                (string) (crc32("$learner->id $place $task->problem") % 1_000_000_000),
                Wishes::none(),
            ));
        } catch (BadRequest) {
            return $task;
        }

        return new TaskReference($made->problem, $made->demonstration->job, null, $learner->style);
    }

    private static function code(): string
    {
        do {
            $code = ShortCode::fresh(ShortCode::HANDING);
        } while (Handing::query()->where('code', $code)->exists());

        return $code;
    }

    /** @return list<TaskReference> a fresh problem for each rung that is due */
    public function practice(LearnerRecord $record): array
    {
        $tasks = [];
        foreach ($record->due() as $due) {
            [$made] = Maker::make($this->catalogue, $this->chance, $record->learner->style, Order::of(
                Jobs::ladders()->of($due->skill),
                (string) $due->rung->number,
                '1',
                $record->seed(),
                Wishes::none(),
            ));
            $job = $made->demonstration->job;
            $tasks[] = new TaskReference($made->problem, $job, null, $record->learner->style);
        }

        return $tasks;
    }

    /**
     * A task with a page of work on it, in which one slip is to be found.
     *
     * @param Slip|null $slip which one; null: one that lurks in it
     *
     * @throws Refusal where nothing that somebody would have written comes of it
     */
    public function slipped(TaskReference $task, ?Slip $slip): TaskReference
    {
        $demonstration = $this->catalogue->demonstrate($task->task(), $task->job, $task->method);
        $page = $slip === null
            ? SlippedPage::likeliest($this->catalogue, $demonstration)
            : SlippedPage::of($this->catalogue, $demonstration, $slip);

        return $task->with($page?->typed() ?? throw new BadRequest(Message::of('handed.no-page', [
            'problem' => $task->problem,
        ])));
    }

    /** Without the machine's name, so that it holds under any name this machine is reached by. */
    public function address(Handing $handing): string
    {
        return $this->urls instanceof Urls
            ? $this->urls->temporarySignedRoute('handed', $handing->expires_at, ['handing' => $handing->id], false)
            : throw new \LogicException('Addresses are signed by the framework.');
    }
}
