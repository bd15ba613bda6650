<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use App\Demonstrations\Jobs;
use App\Faces\Faces;
use App\Learners\Handings;
use App\Learners\LearnerRecord;
use App\Learners\Learners;
use App\Learners\Records;
use App\Models\Handing;
use App\Models\Learner;
use App\Models\LearnerGroup;
use App\Turn\Door;
use App\Turn\YourTurn;
use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Runel\Demonstration\TaskReference;
use Runel\Expression\Node;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Problem\Job;
use Runel\Style\HouseStyle;

/** Tasks handed to learners by the tutor, and what a learner sees of them: these tasks and nothing else. */
final readonly class HandingController
{
    public function __construct(
        private Handings $handings,
        private Records $records,
        private Learners $learners,
        private Demonstrations $demonstrations,
        private Catalogue $catalogue,
    ) {}

    /** The tutor's side: which tasks, for whom, how long. */
    public function ask(Request $request): Response
    {
        $problem = $request->query('problem');
        $group = $request->query('group');

        return $this->form(
            \is_string($problem) ? mb_substr(mb_scrub($problem), 0, 2000) : '',
            null,
            \is_string($group) ? [$group] : [],
        );
    }

    public function hand(Request $request): Response
    {
        $text = $request->input('problems');
        $text = \is_string($text) ? mb_scrub($text) : '';
        $days = $request->input('days');
        $chosen = $request->input('learners');
        $chosen = \is_array($chosen) ? array_filter($chosen, is_string(...)) : [];
        $handed = [];
        try {
            $learners = self::chosen($chosen);
            $own = self::tasks($text);
            foreach ($learners as $learner) {
                $tasks = $own !== [] ? $own : $this->handings->practice(LearnerRecord::of($learner, Carbon::now()));
                if ($tasks !== []) {
                    $handed[] = $this->handings->hand($learner, $tasks, \is_numeric($days) ? (int) $days : 7);
                }
            }
            if ($handed === []) {
                throw new BadRequest(Message::of('handed.nothing-due'));
            }
        } catch (Refusal $refusal) {
            return $this->form($text, $refusal, $chosen);
        }

        return response()->view('learners.handed', [
            'handed' => $handed,
            'addresses' => $this->handings,
            'host' => $request->getSchemeAndHttpHost(),
            'isOnlyHere' => \in_array($request->getHost(), ['localhost', '127.0.0.1', '[::1]'], true),
        ]);
    }

    public function takeBack(Handing $handing): RedirectResponse
    {
        $learner = $handing->learner_id;
        $handing->delete();

        $back = redirect(route('learners.show', ['learner' => $learner], false));

        return $back->with('notice', __('handed.taken-back'));
    }

    /** The learner's side. */
    public function show(Request $request, Handing $handing, Container $container, Translator $translator): Response
    {
        $style = $handing->learner->style;
        $container->instance(HouseStyle::class, $style);
        $translator->setLocale(Faces::locale($style));
        $references = $handing->references();
        $asked = $request->query('task');
        $place = \is_string($asked) && ctype_digit($asked) && \strlen($asked) < 4 ? (int) $asked : 0;
        $key = ['expires' => (string) $handing->expires_at->getTimestamp()];
        $signature = $request->query('signature');
        $key['signature'] = \is_string($signature) ? $signature : '';
        $path = route('handed', ['handing' => $handing->id], false);
        $back = $path . '?' . http_build_query($key);
        if (!isset($references[$place])) {
            $done = $handing->attempts()->where('finished', true)->pluck('place')->all();

            return self::kept(response()->view('learners.tasks', [
                'references' => $references,
                'tasks' => array_map(self::task(...), $references),
                'done' => $done,
                'back' => $back,
                'until' => $handing->expires_at,
            ]));
        }
        $turn = YourTurn::of(
            array_diff_key($request->query->all(), ['stage' => 1]),
            Address::for($references[$place]),
            $this->demonstrations,
            $this->catalogue,
            new Door($path, $key + ['task' => (string) $place], $back),
        );
        $this->records->turn($handing, $place, $turn);

        return self::kept(response()->view(
            $request->headers->has('HX-Request') ? 'your-turn.turn' : 'your-turn.page',
            ['turn' => $turn, 'part' => 'your-turn.turn'],
        ));
    }

    /** @return array{Node, Job}|null what is to be done with what; null where it can no longer be read */
    private static function task(TaskReference $reference): ?array
    {
        try {
            $task = $reference->task();

            return [$task->problem->node, Jobs::chosen($task, $reference->job)];
        } catch (Refusal) {
            return null;
        }
    }

    private static function kept(Response $response): Response
    {
        return $response->header('Cache-Control', 'no-store, private');
    }

    /** @param array<array-key, string> $chosen ids of learners and of groups */
    private function form(string $text, ?Refusal $refusal, array $chosen): Response
    {
        return response()->view('learners.hand', [
            'text' => $text,
            'refusal' => $refusal,
            'chosen' => $chosen,
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
            Jobs::chosen($reference->task(), null);

            return $reference;
        }, $lines);
    }
}
