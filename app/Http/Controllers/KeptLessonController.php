<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calendar\Calendar;
use App\Files\HandedIn;
use App\Files\NoText;
use App\Http\Away;
use App\Http\Part;
use App\Kept\ChangedElsewhere;
use App\Lessons\Items;
use App\Lessons\KeptLesson;
use App\Lessons\KeptLessons;
use App\Lessons\LessonCode;
use App\Lessons\LessonFile;
use App\Lessons\LessonHead;
use App\Lessons\LessonItem;
use App\Lessons\LessonReader;
use App\Lessons\ProposedLesson;
use App\Models\Lesson;
use App\Page\PageFace;
use App\Sets\KeptSets;
use App\Style\NamedStyles;
use App\Values\Given;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Demonstration\Demonstration;
use Runel\Lesson\ItemKind;
use Runel\Lesson\Proposal;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Method;
use Runel\Style\HouseStyle;

/** Lessons that are kept: built by hand or from a proposal, changed, printed, taken away. */
final readonly class KeptLessonController
{
    public function __construct(
        private KeptLessons $kept,
        private Items $items,
        private HouseStyle $style,
        private NamedStyles $styles,
        private PageFace $page,
        private Catalogue $catalogue,
        private KeptSets $sets,
    ) {}

    public function show(Request $request, Lesson $lesson): Response
    {
        return $this->shown($lesson, null, []);
    }

    /** A proposal that is kept, or a lesson that is still empty. */
    public function store(Request $request, Proposal $proposal, LessonFile $file): RedirectResponse
    {
        $code = $request->input('lesson');
        try {
            if (\is_string($code) && $code !== '') {
                $proposed = ProposedLesson::of(LessonCode::of(['lesson' => $code]), $proposal, $this->style);
                $items = $proposed->kept($file->goal(...));
                $head = LessonHead::of([
                    'name' => $file->goalOf($proposed),
                    'minutes' => $proposed->plan()->minutes,
                    'wide' => $proposed->plan()->surface->wide,
                    'high' => $proposed->plan()->surface->high,
                ]);
            } else {
                $head = LessonHead::of($request->all());
                $items = array_map(
                    static fn(string $problem): LessonItem => LessonItem::of([
                        'kind' => ItemKind::Demonstration->value,
                        'problem' => $problem,
                    ]),
                    \array_slice(Given::of($request->all())->texts('problems'), 0, KeptLessons::MOST_ITEMS),
                );
            }
            $lesson = $this->kept->keep($head, $items, $this->style);
        } catch (Refusal $refusal) {
            return $this->again($refusal->reason);
        }

        return Away::to('lessons.show', ['lesson' => $lesson->id])->with('notice', __('lesson.is-kept'));
    }

    public function import(Request $request): RedirectResponse
    {
        try {
            $read = LessonReader::of(HandedIn::of($request)->text);
            $lesson = $this->kept->keep($read->head, $read->items, $read->style);
        } catch (NoText | Refusal $refused) {
            return $this->again($refused->reason);
        }

        return Away::to('lessons.show', ['lesson' => $lesson->id])->with('notice', __('lesson.is-kept'));
    }

    public function rename(Request $request, Lesson $lesson): Response|RedirectResponse
    {
        $style = $this->styles->given($request->input('restyle'), $this->style) ?? $lesson->style;

        return $this->changed($request, $lesson, fn(int $version) => $this->kept->rename(
            $lesson,
            $version,
            LessonHead::of($request->all()),
            $style,
        ));
    }

    public function add(Request $request, Lesson $lesson): Response|RedirectResponse
    {
        return $this->changed($request, $lesson, function (int $version) use ($request, $lesson): void {
            $set = Given::of($request->all())->number('kept', 9);
            $kept = $set === null ? null : $this->sets->find($set);
            // Its problems come along, so that the lesson stays what it is when the set is removed.
            $item = LessonItem::of(['id' => ''] + ($kept === null ? [] : [
                'own' => array_column($kept->tasks, 'problem'),
            ]) + $request->all());
            $this->kept->rearrange(
                $lesson,
                $version,
                static fn(array $items): array => [...$items, $item],
            );
        });
    }

    public function change(Request $request, Lesson $lesson, string $item): Response|RedirectResponse
    {
        // What a form leaves out is switched off or emptied, not kept.
        $sent = $request->except(['_token', '_method', 'version']) + ['ask' => '', 'newPage' => '', 'step' => ''];

        return $this->changed($request, $lesson, fn(int $version) => $this->kept->rearrange(
            $lesson,
            $version,
            static fn(array $items): array => array_map(
                static fn(LessonItem $one): LessonItem => $one->id === $item ? $one->with($sent) : $one,
                $items,
            ),
        ));
    }

    /** The items in the order in which their ids are sent; one that is not named keeps behind the others. */
    public function order(Request $request, Lesson $lesson): Response|RedirectResponse
    {
        $order = $request->input('order');
        $order = \is_string($order) ? explode(',', $order) : (\is_array($order) ? $order : []);
        $places = array_flip(array_filter($order, is_string(...)));

        return $this->changed($request, $lesson, fn(int $version) => $this->kept->rearrange(
            $lesson,
            $version,
            static function (array $items) use ($places): array {
                usort($items, static fn(LessonItem $one, LessonItem $other): int =>
                    ($places[$one->id] ?? \PHP_INT_MAX) <=> ($places[$other->id] ?? \PHP_INT_MAX));

                return $items;
            },
        ));
    }

    public function drop(Request $request, Lesson $lesson, string $item): Response|RedirectResponse
    {
        return $this->changed($request, $lesson, fn(int $version) => $this->kept->rearrange(
            $lesson,
            $version,
            static fn(array $items): array => array_values(array_filter(
                $items,
                static fn(LessonItem $one): bool => $one->id !== $item,
            )),
        ));
    }

    public function remove(Lesson $lesson): RedirectResponse
    {
        $this->kept->remove($lesson);

        return Away::to('lessons')->with('notice', __('lesson.is-removed'));
    }

    public function sheet(Request $request, Lesson $lesson): Response
    {
        $for = $request->query('for');

        return response()->view('lessons.sheet', [
            'lesson' => $this->lesson($lesson),
            'for' => \in_array($for, ['worked', 'faded', 'blank'], true) ? $for : 'plan',
        ]);
    }

    public function file(LessonFile $file, Lesson $lesson, string $extension): Response
    {
        $shown = $this->lesson($lesson);
        if ($extension === 'ics') {
            abort_if($lesson->held_at === null, 404);

            return LessonFile::answer(self::dates([$lesson]), $extension);
        }

        return LessonFile::answer($file->write($lesson->name, $shown->items, $shown->plan(), $extension, [
            'held_at' => $lesson->held_at?->format('Y-m-d H:i'),
            'style' => (object) $lesson->style->kept(),
        ]), $extension);
    }

    /** The dates of all lessons. */
    public function calendar(): Response
    {
        return LessonFile::answer(self::dates($this->kept->all()), 'ics');
    }

    /** @param list<Lesson> $lessons those without a date are left out */
    private static function dates(array $lessons): string
    {
        $calendar = new Calendar();
        foreach ($lessons as $lesson) {
            if ($lesson->held_at !== null) {
                $about = implode("\n", array_map(
                    static fn(LessonItem $item): string => $item->content->typed(),
                    KeptLesson::items($lesson->items),
                ));
                $calendar->lesson($lesson->id, $lesson->name, $lesson->held_at, $lesson->minutes, $about);
            }
        }

        return $calendar->write();
    }

    /** Where a lesson is begun, with what was typed. */
    private function again(Message $reason): RedirectResponse
    {
        $back = Away::to('lessons');

        return $back->with('refused', $this->page->plain($reason))->withInput();
    }

    /** @param \Closure(int): mixed $work with the version the window has seen */
    private function changed(Request $request, Lesson $lesson, \Closure $work): Response|RedirectResponse
    {
        $version = $request->input('version');
        try {
            $work(\is_numeric($version) ? (int) $version : 0);
        } catch (ChangedElsewhere) {
            if (Part::isAsked($request)) {
                // The rest of the page is as old as this part: all of it is shown anew.
                $request->session()->flash('refused', __('kept.changed-elsewhere'));

                return response('', 200, ['HX-Redirect' => route('lessons.show', ['lesson' => $lesson->id], false)]);
            }

            return $this->shown($lesson->refresh(), Message::of('kept.changed-elsewhere'), $request->all(), 409);
        } catch (Refusal $refusal) {
            return $this->shown($lesson, $refusal->reason, $request->all(), 422);
        }

        return Part::isAsked($request)
            ? response()->view('lessons.build', $this->parts($lesson->refresh(), null, []))
            : Away::to('lessons.show', ['lesson' => $lesson->id]);
    }

    /** @param array<array-key, mixed> $typed what was sent and not taken */
    private function shown(Lesson $lesson, ?Message $refused, array $typed, int $status = 200): Response
    {
        return response()->view(
            Part::isAsked(request()) ? 'lessons.build' : 'lessons.kept',
            $this->parts($lesson, $refused, $typed),
            // A part is swapped in only where the answer is no error.
            Part::isAsked(request()) ? 200 : $status,
        );
    }

    /**
     * @param array<array-key, mixed> $typed
     *
     * @return array<string, mixed>
     */
    private function parts(Lesson $lesson, ?Message $refused, array $typed): array
    {
        $shown = $this->lesson($lesson);

        return [
            'lesson' => $shown,
            'remarks' => $shown->plan()->remarks(),
            'styles' => array_keys($this->styles->all()),
            'ways' => fn(Demonstration $demonstration): array => array_map(
                static fn(Method $method): string => $method->id(),
                array_filter(
                    $this->catalogue->families->of($demonstration->job)->methods(),
                    static fn(Method $method): bool => $method->refusal($demonstration->task) === null,
                ),
            ),
            'pace' => $this->kept->pace(),
            'sets' => $this->sets->all(),
            'refused' => $refused,
            'typed' => Given::of($typed)->allTexts(),
        ];
    }

    private function lesson(Lesson $lesson): KeptLesson
    {
        return KeptLesson::of($lesson, $this->items, $this->kept->pace()[0]);
    }
}
