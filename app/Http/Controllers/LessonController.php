<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Lessons\KeptLessons;
use App\Lessons\LessonCode;
use App\Lessons\LessonFile;
use App\Lessons\ProposedLesson;
use App\Lessons\Room;
use App\Sets\LadderPicture;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Job\Jobs;
use Runel\Ladder\Chance;
use Runel\Lesson\Proposal;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Style\HouseStyle;

/** Lessons proposed for a skill and a time, and played item by item; each is a pure function of its address. */
final readonly class LessonController
{
    public function __construct(
        private Proposal $proposal,
        private Catalogue $catalogue,
        private Chance $chance,
        private HouseStyle $style,
    ) {}

    /** The lessons that are kept, or one proposed. */
    public function index(Request $request, KeptLessons $kept): Response
    {
        [$pace, $played] = $kept->pace();
        $query = $request->query->all();
        $refused = null;
        $asked = isset($query['skill']) || isset($query['lesson']);
        try {
            $lesson = $this->proposed($query + ['pace' => (string) $pace->hundredths]);
        } catch (Refusal $refusal) {
            $refused = $refusal->reason;
            $lesson = $this->proposed([]);
        }

        return response()->view('lessons.page', [
            'lesson' => $lesson,
            'asked' => $asked,
            'refused' => $refused,
            'played' => $played,
            'kept' => $asked && $refused === null ? [] : $kept->all(),
            'ladder' => LadderPicture::of(
                Jobs::ladders()->of($lesson->code->skill),
                $this->catalogue,
                $this->chance,
                $this->style,
            ),
        ], $refused === null ? 200 : 422);
    }

    /** @throws Refusal when there is no such lesson */
    public function sheet(Request $request): Response
    {
        $for = $request->query('for');

        return response()->view('lessons.sheet', [
            'lesson' => $this->proposed($request->query->all()),
            'for' => \in_array($for, ['worked', 'faded', 'blank'], true) ? $for : 'plan',
        ]);
    }

    /** @throws Refusal when there is no such lesson */
    public function file(Request $request, LessonFile $file, string $extension): Response
    {
        $lesson = $this->proposed($request->query->all());
        $name = $file->goalOf($lesson);

        return LessonFile::answer(
            $file->write($name, $lesson->kept($file->goal(...)), $lesson->plan(), $extension),
            $extension,
        );
    }

    /** @throws Refusal when there is no such lesson */
    public function play(Request $request): Response|RedirectResponse
    {
        $lesson = $this->proposed($request->query->all());
        $number = $lesson->code->item;
        $item = $lesson->item($number);
        if ($item === null) {
            return redirect($lesson->back());
        }
        $room = $lesson->room($number);

        $isPresented = $request->boolean('present');
        $suffix = $isPresented ? Room::presented($item) : '';

        return $room !== null ? redirect($room . $suffix) : response()->view('lessons.play', [
            'lesson' => $lesson,
            'item' => $item,
            'number' => $number,
            'present' => $isPresented,
        ]);
    }

    /**
     * @param array<array-key, mixed> $query
     *
     * @throws Refusal
     */
    private function proposed(array $query): ProposedLesson
    {
        return ProposedLesson::of(LessonCode::of($query), $this->proposal, $this->style);
    }
}
