<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Lessons\LessonCode;
use App\Lessons\LessonFile;
use App\Lessons\ProposedLesson;
use App\Sets\LadderPicture;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Lesson\Proposal;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Practice\Chance;
use Runel\Style\HouseStyle;

/** Lessons proposed for a skill and a time, and played item by item; a pure function of the address, nothing kept. */
final readonly class LessonController
{
    public function __construct(
        private Proposal $proposal,
        private Catalogue $catalogue,
        private Chance $chance,
        private HouseStyle $style,
    ) {}

    public function show(Request $request): Response
    {
        $refused = null;
        try {
            $lesson = ProposedLesson::of(LessonCode::of($request->query->all()), $this->proposal, $this->style);
        } catch (Refusal $refusal) {
            $refused = $refusal->reason;
            $lesson = ProposedLesson::of(LessonCode::of([]), $this->proposal, $this->style);
        }

        return response()->view('lessons.page', [
            'lesson' => $lesson,
            'refused' => $refused,
            'ladder' => LadderPicture::of($lesson->code->skill, $this->catalogue, $this->chance, $this->style),
        ], $refused === null ? 200 : 422);
    }

    /** @throws Refusal when there is no such lesson */
    public function sheet(Request $request): Response
    {
        $for = $request->query('for');

        return response()->view('lessons.sheet', [
            'lesson' => ProposedLesson::of(LessonCode::of($request->query->all()), $this->proposal, $this->style),
            'for' => \in_array($for, ['worked', 'faded', 'blank'], true) ? $for : 'plan',
        ]);
    }

    /** @throws Refusal when there is no such lesson */
    public function file(Request $request, LessonFile $file, string $extension): Response
    {
        $lesson = ProposedLesson::of(LessonCode::of($request->query->all()), $this->proposal, $this->style);

        return response($file->write($lesson, $extension), 200, [
            'Content-Type' => LessonFile::FORMATS[$extension] . '; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"runel-lesson.$extension\"",
        ]);
    }

    /** @throws Refusal when there is no such lesson */
    public function play(Request $request): Response|RedirectResponse
    {
        $lesson = ProposedLesson::of(LessonCode::of($request->query->all()), $this->proposal, $this->style);
        $number = $lesson->code->item;
        $item = $lesson->item($number);
        if ($item === null) {
            return redirect(route('lessons', ['lesson' => $lesson->code->code(1)], false));
        }
        $room = $lesson->room($number);

        return $room !== null ? redirect($room) : response()->view('lessons.play', [
            'lesson' => $lesson,
            'item' => $item,
            'number' => $number,
        ]);
    }
}
