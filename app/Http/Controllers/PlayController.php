<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Away;
use App\Http\Part;
use App\Kept\ChangedElsewhere;
use App\Lessons\Ink;
use App\Lessons\Items;
use App\Lessons\KeptLesson;
use App\Lessons\KeptLessons;
use App\Lessons\Room;
use App\Models\Lesson;
use App\Models\LessonPlay;
use App\Page\PageFace;
use App\Values\Given;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Message;
use Runel\Message\Refusal;

/** A kept lesson as it is held: what is reached is written down at once, notes are taken on the way. */
final readonly class PlayController
{
    public function __construct(private KeptLessons $kept, private Items $items, private PageFace $page) {}

    public function start(Lesson $lesson): RedirectResponse
    {
        $play = $this->kept->start($lesson);
        $this->kept->reach($play, 1, null);

        return Away::to('plays.item', ['play' => $play->id, 'item' => 1]);
    }

    /** The next item is reached, and written down; behind the last one the lesson is over. */
    public function reach(Request $request, LessonPlay $play, int $item): RedirectResponse
    {
        $lesson = $this->lesson($play);
        $left = Given::of($request->all())->number('step');
        if ($lesson->item($item) === null) {
            $this->kept->end($play);

            return Away::to('plays.show', ['play' => $play->id], 303);
        }
        $this->kept->reach($play, $item, $left);

        return Away::to('plays.item', ['play' => $play->id, 'item' => $item] + ($request->boolean('present')
            ? ['present' => 1]
            : []), 303);
    }

    /** An item, where it is played. */
    public function item(Request $request, LessonPlay $play, int $item): Response|RedirectResponse
    {
        $lesson = $this->lesson($play);
        $planned = $lesson->item($item);
        if ($planned === null) {
            return Away::to('plays.show', ['play' => $play->id]);
        }
        $room = $lesson->room($item);
        $suffix = $request->boolean('present') ? Room::presented($planned) : '';

        return $room !== null ? redirect($room . $suffix) : response()->view('lessons.play', [
            'lesson' => $lesson,
            'item' => $planned,
            'number' => $item,
            'present' => $request->boolean('present'),
        ]);
    }

    /** Back to the plan; the lesson can be gone on with. */
    public function leave(LessonPlay $play): RedirectResponse
    {
        return Away::to('lessons.show', ['lesson' => $play->lesson_id]);
    }

    /** The thin line over a room: where the lesson stands, and a place for a note. */
    public function line(Request $request, LessonPlay $play, int $item): Response
    {
        $lesson = $this->lesson($play);

        return response()->view('lessons.line', [
            'lesson' => $lesson,
            'number' => $item,
            'elapsed' => (int) $play->started_at->diffInSeconds(now()),
            'saved' => $request->query('saved') !== null,
        ]);
    }

    public function note(Request $request, LessonPlay $play): Response|RedirectResponse
    {
        $text = $request->input('text');
        $item = $request->input('item');
        $item = \is_string($item) && ctype_digit($item) && \strlen($item) < 4 ? (int) $item : 1;
        $refused = null;
        try {
            $this->kept->note($play, $item, \is_string($text) ? $text : '');
        } catch (Refusal $refusal) {
            $refused = $refusal->reason;
        }
        if (!Part::isAsked($request)) {
            $back = Away::to('plays.show', ['play' => $play->id]);

            return $refused === null ? $back : $back->with('refused', $this->page->plain($refused));
        }

        return response()->view('lessons.line', [
            'lesson' => $this->lesson($play),
            'number' => $item,
            'elapsed' => (int) $play->started_at->diffInSeconds(now()),
            'saved' => $refused === null,
            'refused' => $refused,
            'text' => $refused === null || !\is_string($text) ? '' : $text,
        ]);
    }

    /** What the pen wrote on the item's board is kept with it. */
    public function ink(Request $request, LessonPlay $play, int $item): Response
    {
        $refused = null;
        try {
            $this->kept->ink($play, $item, Ink::of(Given::json($request->input('ink'))->values));
        } catch (ChangedElsewhere) {
            $refused = Message::of('kept.changed-elsewhere');
        } catch (Refusal $refusal) {
            $refused = $refusal->reason;
        }

        return response()->view('lessons.ink', [
            'lesson' => $this->lesson($play->refresh()),
            'number' => $item,
            'refused' => $refused,
            'saved' => $refused === null,
        ]);
    }

    /** What became of it. */
    public function show(LessonPlay $play): Response
    {
        return response()->view('lessons.log', ['lesson' => $this->lesson($play), 'play' => $play]);
    }

    /** Over before its plan is. */
    public function end(LessonPlay $play): RedirectResponse
    {
        $this->kept->end($play);

        return Away::to('plays.show', ['play' => $play->id]);
    }

    private function lesson(LessonPlay $play): KeptLesson
    {
        return KeptLesson::of($play->lesson, $this->items, $this->kept->pace()[0], $play);
    }
}
