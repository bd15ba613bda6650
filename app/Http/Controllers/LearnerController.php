<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calendar\Calendar;
use App\Calendar\Day;
use App\Files\Csv;
use App\Http\Away;
use App\Kept\Archive;
use App\Kept\ChangedElsewhere;
use App\Kept\Forgetting;
use App\Learners\Judged;
use App\Learners\LearnerRecord;
use App\Learners\Learners;
use App\Learners\Records;
use App\Learners\Rejudging;
use App\Models\Attempt;
use App\Models\Learner;
use App\Models\Tutor;
use App\Style\NamedStyles;
use App\Values\Given;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Runel\Job\Jobs;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Proof\Effort;
use Runel\Style\HouseStyle;

/** Learners: who they are, what they did, what comes back when; handed over and forgotten on demand. */
final readonly class LearnerController
{
    public function __construct(
        private Learners $learners,
        private Records $records,
        private Judged $judged,
        private Archive $archive,
        private Forgetting $forgetting,
        private HouseStyle $style,
        private NamedStyles $styles,
    ) {}

    public function index(Request $request): Response
    {
        return $this->list(null, []);
    }

    /** What an update judges otherwise has been looked at. */
    public function seen(Rejudging $rejudging): RedirectResponse
    {
        $rejudging->seen();

        return Away::to('learners');
    }

    public function store(Request $request): Response|RedirectResponse
    {
        $group = Given::of($request->all())->said('group');
        try {
            $learner = $this->learners->add($request->input('name'), $this->style, $group);
        } catch (Refusal $refusal) {
            return $this->list($refusal->reason, $request->all());
        }

        return Away::to('learners.show', ['learner' => $learner->id]);
    }

    public function show(Learner $learner): Response
    {
        return $this->learner($learner, null, []);
    }

    public function change(Request $request, Learner $learner): Response|RedirectResponse
    {
        $version = $request->input('version');
        try {
            $this->learners->change(
                $learner,
                \is_numeric($version) ? (int) $version : 0,
                $request->all(),
                $this->styles->given($request->input('restyle'), $this->style),
            );
        } catch (ChangedElsewhere) {
            return $this->learner($learner->refresh(), Message::of('kept.changed-elsewhere'), $request->all(), 409);
        } catch (Refusal $refusal) {
            return $this->learner($learner, $refusal->reason, $request->all(), 422);
        }

        return self::to($learner)->with('notice', __('learner.is-changed'));
    }

    /** Work the tutor types. */
    public function write(Request $request, Learner $learner): Response|RedirectResponse
    {
        $given = Given::of($request->all());
        $lines = array_values(array_filter(
            array_map(trim(...), explode("\n", str_replace("\r", "\n", $given->text('lines')))),
            static fn(string $line): bool => $line !== '',
        ));
        try {
            $this->records->typed($learner, $given->text('problem', 600), $lines, Carbon::now());
        } catch (Refusal $refusal) {
            return $this->learner($learner, $refusal->reason, $request->all(), 422);
        }

        return self::to($learner)->with('notice', __('learner.is-written'));
    }

    /** A rung comes back on another day, or not at all. */
    public function move(Request $request, Learner $learner): Response|RedirectResponse
    {
        [$skill, $number] = explode('.', $this->text($request, 'rung'), 2) + [1 => ''];
        $rungs = Jobs::ladders()->find($skill)?->rungs() ?? [];
        abort_if(!isset($rungs[(int) $number - 1]), 404);
        $due = null;
        if (!$request->boolean('drop')) {
            $given = $this->text($request, 'due');
            $isDate = preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $given, $match) === 1
                && checkdate((int) $match[2], (int) $match[3], (int) $match[1]);
            $due = $isDate ? Carbon::createFromFormat('Y-m-d', $given)?->startOfDay() : null;
            if ($due === null || $due->isBefore(Carbon::today()) || $due->isAfter(Carbon::today()->addYears(2))) {
                return $this->learner($learner, Message::of('learner.no-day', [
                    'found' => mb_substr($given, 0, 20),
                ]), [], 422);
            }
        }
        $this->learners->say($learner, $skill, (int) $number, $due);

        return self::to($learner)->with('notice', __($due === null ? 'learner.is-dropped' : 'learner.is-moved'));
    }

    /** The tutor's own word on a piece of work. */
    public function rule(Request $request, Learner $learner, Attempt $attempt): Response|RedirectResponse
    {
        try {
            $this->learners->rule($attempt, $request->all());
        } catch (Refusal $refusal) {
            return $this->learner($learner, $refusal->reason, [], 422);
        }

        return self::to($learner)->with('notice', __('ruling.kept'));
    }

    /** One piece of work is taken out of the record. */
    public function removeAttempt(Learner $learner, Attempt $attempt): RedirectResponse
    {
        $this->learners->removeAttempt($attempt);

        return self::to($learner)->with('notice', __('learner.attempt-removed'));
    }

    /** The learner's own file, to be handed over. */
    public function file(Learner $learner, string $extension): Response
    {
        [$content, $type] = match ($extension) {
            'csv' => [Csv::write($this->archive->attempts($learner)), 'text/csv'],
            'ics' => [$this->calendar($learner), 'text/calendar'],
            default => [json_encode(
                Archive::of($learner),
                \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
            ) . "\n", 'application/json'],
        };

        return new Response($content, 200, [
            'Content-Type' => "$type; charset=UTF-8",
            'Content-Disposition' => "attachment; filename=\"runel-learner.$extension\"",
        ]);
    }

    /** What deleting will take, before it is done. */
    public function farewell(Learner $learner): Response
    {
        return response()->view('learners.farewell', [
            'learner' => $learner,
            'counts' => $this->forgetting->counted($learner),
            'mentions' => $this->forgetting->mentions($learner),
        ]);
    }

    public function forget(Learner $learner): RedirectResponse
    {
        $counts = $this->forgetting->counted($learner);
        $isGone = $this->forgetting->forget($learner);

        return Away::to('learners')->with('notice', __('learner.is-forgotten', [
            'attempts' => trans_choice('learner.pieces', $counts['attempts']),
            'handings' => trans_choice('learner.links', $counts['handings']),
        ]) . ' ' . __($isGone ? 'learner.log-emptied' : 'learner.log-later'));
    }

    private function calendar(Learner $learner): string
    {
        $record = LearnerRecord::of($learner, Carbon::now());
        $calendar = new Calendar();
        foreach ([...$record->due(), ...$record->later()] as $back) {
            $day = max($record->today, $back->history->comesBack->due ?? $record->today);
            $calendar->day("{$learner->id}-{$back->key()}", __('learner.calendar', [
                'name' => $learner->name,
                'skill' => __("practice.skill.{$back->skill}"),
                'rung' => $back->rung->number,
            ]), Day::date($day));
        }

        return $calendar->write();
    }

    /** @param array<array-key, mixed> $typed */
    private function list(?Message $refused, array $typed): Response
    {
        $tutor = auth()->user();
        $months = $tutor instanceof Tutor ? $tutor->keep_months : 12;

        return response()->view('learners.list', [
            'records' => LearnerRecord::all($this->learners->all(), Carbon::now()),
            'damaged' => Learner::damaged(),
            'groups' => $this->learners->groups(),
            'resting' => $this->learners->resting($months),
            'otherwise' => Rejudging::unseen(),
            'months' => $months,
            'refused' => $refused,
            'typed' => Given::of($typed)->allTexts(),
        ], $refused === null ? 200 : 422);
    }

    /** @param array<array-key, mixed> $typed */
    private function learner(Learner $learner, ?Message $refused, array $typed, int $status = 200): Response
    {
        return response()->view('learners.show', [
            'styles' => array_keys($this->styles->all()),
            'record' => LearnerRecord::of($learner, Carbon::now()),
            'groups' => $this->learners->groups(),
            'judged' => $this->judged,
            'effort' => Effort::of(Judged::EFFORT),
            'handings' => $learner->handings()->readable()->limit(6)->get()->all(),
            'refused' => $refused,
            'typed' => Given::of($typed)->allTexts(),
        ], $status);
    }

    private function text(Request $request, string $key): string
    {
        $value = $request->input($key);

        return \is_string($value) ? trim($value) : '';
    }

    private static function to(Learner $learner): RedirectResponse
    {
        return Away::to('learners.show', ['learner' => $learner->id]);
    }
}
