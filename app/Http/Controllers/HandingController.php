<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Guessing;
use App\Address\Address;
use App\Demonstrations\Demonstrations;
use App\Faces\Spoken;
use App\Http\Away;
use App\Http\Part;
use App\Kept\ChangedElsewhere;
use App\Learners\HandedWork;
use App\Learners\Handings;
use App\Learners\LearnerRecord;
use App\Learners\Learners;
use App\Models\Attempt;
use App\Models\Handing;
use App\Models\Learner;
use App\Models\LearnerGroup;
use App\Slates\Reach;
use App\Turn\Door;
use App\Turn\SlipHunt;
use App\Turn\TurnQuery;
use App\Turn\YourTurn;
use App\Values\Given;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Runel\Demonstration\TaskReference;
use Runel\Expression\Node;
use Runel\Job\Jobs;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** Tasks handed to learners by the tutor, and what a learner sees of them: these tasks and nothing else. */
final readonly class HandingController
{
    public function __construct(
        private Handings $handings,
        private HandedWork $work,
        private Learners $learners,
        private Demonstrations $demonstrations,
        private Catalogue $catalogue,
        private Guessing $guessing,
        private Reach $reach,
    ) {}

    /** The tutor's side: which tasks, for whom, how long. */
    public function ask(Request $request): Response
    {
        $query = Given::of($request->query());

        return $this->form(
            $query->text('problem', 6000),
            null,
            array_filter([$query->text('group')]),
            $query,
        );
    }

    public function hand(Request $request): Response
    {
        $given = Given::of($request->all());
        $text = $given->text('problems');
        $days = $request->input('days');
        $chosen = $given->texts('learners');
        $shares = [];
        try {
            $learners = self::chosen($chosen);
            $own = self::tasks($text);
            $isHunt = $given->text('as') === 'page';
            $slip = Slip::tryFrom($given->text('slip'));
            $own = $isHunt
                ? array_map(fn(TaskReference $task): TaskReference => $this->handings->slipped($task, $slip), $own)
                : $own;
            foreach ($learners as $learner) {
                $tasks = match (true) {
                    $own === [] => $this->due($learner, $isHunt, $slip),
                    $given->isOn('each') && !$isHunt => $this->alike($own, $learner),
                    default => $own,
                };
                if ($tasks !== []) {
                    $shares[] = [$learner, $tasks];
                }
            }
            if ($shares === []) {
                throw new BadRequest(Message::of('handed.nothing-due'));
            }
        } catch (Refusal $refusal) {
            return $this->form($text, $refusal, $chosen, $given);
        }

        // Looked at first: what each problem is, and who gets which.
        if ($given->text('do') === 'look') {
            return $this->form($text, null, $chosen, $given, $shares);
        }
        $opens = self::moment($given->text('opens', 20));
        $handed = array_map(fn(array $share): Handing => $this->handings->hand(
            $share[0],
            $share[1],
            \is_numeric($days) ? (int) $days : 7,
            $opens,
            $given->isOn('test'),
        ), $shares);

        return $this->list($request, $handed, true);
    }

    /** All that is handed out and can be opened still: who has begun, who has finished. */
    public function index(Request $request): Response
    {
        return $this->list($request, $this->handings->open(), false);
    }

    /** @param list<Handing> $handed */
    private function list(Request $request, array $handed, bool $isNew): Response
    {
        $root = $this->reach->root($request);

        return response()->view('learners.handed', [
            'handed' => $handed,
            'addresses' => $this->handings,
            'host' => $root ?? $request->getSchemeAndHttpHost(),
            'isOnlyHere' => $root === null,
            'isNew' => $isNew,
        ]);
    }

    /** Six letters lead to the signed address, as long as it is open. */
    public function short(Request $request, string $code): Response|RedirectResponse
    {
        if ($this->guessing->isTired($request->ip())) {
            return response()->view('learners.no-code', ['said' => 'slates.too-many-guesses'], 429);
        }
        $handing = $this->handings->found($code);
        if ($handing === null) {
            $this->guessing->missed($request->ip());

            return response()->view('learners.no-code', ['said' => 'handed.no-code'], 404);
        }

        return redirect($this->handings->address($handing));
    }

    /**
     * @param list<TaskReference> $own
     *
     * @return list<TaskReference> one like each, for this learner
     */
    private function alike(array $own, Learner $learner): array
    {
        return array_map(
            fn(TaskReference $task, int $place): TaskReference => $this->handings->alike($task, $learner, $place),
            $own,
            array_keys($own),
        );
    }

    /** A moment as a form sends it; null where it is none, or is over. */
    private static function moment(string $typed): ?Carbon
    {
        $isMoment = preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d$/', $typed) === 1;
        $moment = $isMoment ? Carbon::createFromFormat('Y-m-d\TH:i', $typed) : null;

        return $moment instanceof Carbon && $moment->isFuture() ? $moment : null;
    }

    /** @return list<TaskReference> what is due; as pages with a slip where that was asked for and one can be made */
    private function due(Learner $learner, bool $isHunt, ?Slip $slip): array
    {
        $due = $this->handings->practice(LearnerRecord::of($learner, Carbon::now()));

        return array_map(function (TaskReference $task) use ($isHunt, $slip): TaskReference {
            try {
                return $isHunt ? $this->handings->slipped($task, $slip) : $task;
            } catch (Refusal) {
                return $task;
            }
        }, $due);
    }

    public function takeBack(Handing $handing): RedirectResponse
    {
        $learner = $handing->learner_id;
        $handing->delete();

        $back = Away::to('learners.show', ['learner' => $learner]);

        return $back->with('notice', __('handed.taken-back'));
    }

    /** The learner's side: what was handed out, or one problem with what is written on it. Nothing is written here. */
    public function show(Request $request, Handing $handing): Response
    {
        self::speak($handing);
        if ($handing->isEarly()) {
            return self::kept(response()->view('learners.early', ['handing' => $handing]));
        }
        $references = $handing->references();
        $place = self::place($request);
        $isHunt = ($references[$place]->page ?? []) !== [];
        if ($isHunt && HandedWork::of($handing, $place) === null) {
            return self::kept(response()->view('your-turn.spot', [
                'hunt' => $this->hunt($request, $handing, $place, Given::of($request->query())->number('pick', 2)),
            ]));
        }
        if (isset($references[$place])) {
            return $this->turn($request, $handing, $place, $references[$place], $request->query->all());
        }
        $work = $handing->attempts()->get()->keyBy('place');

        return self::kept(response()->view('learners.tasks', [
            'references' => $references,
            'tasks' => array_map(self::task(...), $references),
            'work' => $work->all(),
            'back' => self::door($request, $handing)->back,
            'until' => $handing->expires_at,
        ]));
    }

    /** A line that is sent, mended or taken back, or a rung of help that is taken. */
    public function write(Request $request, Handing $handing): Response|RedirectResponse
    {
        self::speak($handing);
        abort_if($handing->isEarly(), 404);
        $place = self::place($request);
        $reference = $handing->references()[$place] ?? abort(404);
        $line = Given::of($request->all())->text('next', TurnQuery::LONGEST_LINE);
        $hunt = $request->input('do') === 'found'
            ? $this->hunt($request, $handing, $place, Given::of($request->all())->number('pick', 2))
            : null;
        $seen = $request->integer('seen');
        $opened = $request->integer('opened');
        $opened = $opened > 0 ? Carbon::createFromTimestamp($opened) : null;
        $look = [];
        try {
            match (true) {
                $hunt !== null => $hunt->isFound()
                    ? $this->work->found($handing, $place, $hunt->above(), $opened)
                    : null,
                $request->input('do') === 'help' && !$handing->is_test => $this->work->help($handing, $place, $opened),
                $request->input('do') === 'undo' => $this->work->takeBack($handing, $place, $seen),
                $line === '' => null,
                $request->input('do') === 'mend' => $this->work->mend($handing, $place, $line, $seen),
                default => $this->work->write($handing, $place, $line, $seen, $opened),
            };
            $look = $request->input('do') === 'help' ? ['draft' => $line] : [];
        } catch (ChangedElsewhere) {
            // Written in another window, or on another device: what was sent comes back in the field.
            $look = ['draft' => $line, 'said' => 'elsewhere'];
        }
        if (Part::isAsked($request)) {
            return $this->turn($request, $handing, $place, $reference, $look);
        }

        $entry = self::door($request, $handing, $place)->entry();

        return redirect($entry . ($look === [] ? '' : '&' . http_build_query($look)), 303);
    }

    /** The page of work that was handed out, and the line that is pointed at. */
    private function hunt(Request $request, Handing $handing, int $place, ?int $picked): SlipHunt
    {
        $reference = $handing->references()[$place] ?? abort(404);

        return SlipHunt::of(
            $this->catalogue,
            Address::for($reference),
            $reference->page,
            $picked,
            self::door($request, $handing, $place),
        );
    }

    /** @param array<array-key, mixed> $look what of the address says how it is looked at */
    private function turn(
        Request $request,
        Handing $handing,
        int $place,
        TaskReference $reference,
        array $look,
    ): Response {
        $attempt = HandedWork::of($handing, $place);
        $turn = YourTurn::handed(
            TurnQuery::kept($attempt?->typed() ?? [], self::mended($attempt), $attempt->helping ?? 0, $look),
            Address::for($reference),
            $this->demonstrations,
            $this->catalogue,
            self::door($request, $handing, $place, ($look['said'] ?? null) === 'elsewhere' ? 'handed.elsewhere' : null),
        );

        return self::kept(response()->view(
            Part::isAsked($request) ? 'your-turn.turn' : 'your-turn.page',
            ['turn' => $turn, 'part' => 'your-turn.turn'],
        ));
    }

    /** @return list<Slip> slips that were made and no longer stand */
    private static function mended(?Attempt $attempt): array
    {
        return array_values(array_filter(array_map(Slip::tryFrom(...), $attempt?->mendedSlips() ?? [])));
    }

    private static function door(Request $request, Handing $handing, ?int $place = null, ?string $notice = null): Door
    {
        $signature = $request->query('signature');
        $path = route('handed', ['handing' => $handing->id], false);
        $key = [
            'expires' => (string) $handing->expires_at->getTimestamp(),
            'signature' => \is_string($signature) ? $signature : '',
        ];

        $count = \count($handing->references());

        return new Door(
            $path,
            $key + ($place === null ? [] : ['task' => (string) $place]),
            $path . '?' . http_build_query($key),
            Carbon::now()->getTimestamp(),
            $notice,
            $place === null || $place >= $count
                ? null
                : $path . '?' . http_build_query($key + ['task' => (string) ($place + 1)]),
            $handing->is_test,
            $place === null ? '' : (string) __('handed.place', ['number' => $place, 'of' => $count]),
        );
    }

    private static function place(Request $request): int
    {
        return Given::of($request->query())->number('task') ?? 0;
    }

    /** In the words of the learner's school. */
    private static function speak(Handing $handing): void
    {
        app(Spoken::class)->in($handing->learner->style);
    }

    /** @return array{Node, string}|null what is to be done with what; null where it can no longer be read */
    private static function task(TaskReference $reference): ?array
    {
        try {
            $task = $reference->task();

            return [$task->problem->node, Jobs::all()->chosen($task->problem, $reference->job)->job()];
        } catch (Refusal) {
            return null;
        }
    }

    private static function kept(Response $response): Response
    {
        return $response->header('Cache-Control', 'no-store, private');
    }

    /**
     * @param array<array-key, string>                  $chosen ids of learners and of groups
     * @param list<array{Learner, list<TaskReference>}> $shares who gets which, where that was looked at
     */
    private function form(
        string $text,
        ?Refusal $refusal,
        array $chosen,
        Given $given,
        array $shares = [],
    ): Response {
        return response()->view('learners.hand', [
            'text' => $text,
            'refusal' => $refusal,
            'chosen' => $chosen,
            'isHunt' => $given->text('as') === 'page',
            'slip' => $given->text('slip'),
            'given' => $given,
            'shares' => $shares,
            'isUnreachable' => $this->reach->root(request()) === null,
            'learners' => $this->learners->all(),
            'groups' => $this->learners->groups(),
        ], $refusal === null ? 200 : 422);
    }

    /**
     * @param array<array-key, string> $ids
     *
     * @return non-empty-list<Learner>
     *
     * @throws BadRequest when nobody is meant
     */
    private static function chosen(array $ids): array
    {
        $learners = [];
        foreach (LearnerGroup::query()->with('learners')->whereKey($ids)->get() as $group) {
            foreach ($group->learners as $learner) {
                $learners[$learner->id] = $learner;
            }
        }
        foreach (Learner::query()->whereKey($ids)->get() as $learner) {
            $learners[$learner->id] = $learner;
        }

        return $learners === [] ? throw new BadRequest(Message::of('handed.nobody')) : array_values($learners);
    }

    /**
     * @return list<TaskReference>
     *
     * @throws Refusal when one of them cannot be read
     */
    private static function tasks(string $text): array
    {
        $lines = array_values(array_filter(
            array_map(trim(...), explode("\n", $text)),
            static fn(string $line): bool => $line !== '',
        ));
        if (\count($lines) > Handings::MOST_TASKS) {
            throw new BadRequest(Message::of('handed.too-many', ['most' => Handings::MOST_TASKS]));
        }

        return array_map(static function (string $line): TaskReference {
            $reference = new TaskReference($line, null, null, HouseStyle::default());
            // What there is nothing to do with is said to the tutor, not to the learner.
            Jobs::all()->chosen($reference->task()->problem, null)->job();

            return $reference;
        }, $lines);
    }
}
