<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Lessons\KeptLesson;
use App\Lessons\KeptLessons;
use App\Models\Lesson;
use App\Models\LessonMoment;
use App\Models\LessonPlay;
use App\Models\ProblemSetRecord;
use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;

/** A proposed lesson over the web: all in its address, played from item to item. */
final class LessonsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testALessonIsProposedAndPlayedToItsEnd(): void
    {
        $page = $this->get('/lessons?skill=factor-monic&rung=3&minutes=60&lines=20')->assertOk();
        $html = (string) $page->getContent();
        $items = substr_count($html, 'class="lesson-item"');
        self::assertGreaterThan(5, $items);
        preg_match('/id="play"\s+href="([^"]*)"/', $html, $match);
        $next = html_entity_decode($match[1] ?? '');
        $rooms = [];
        for ($item = 1; $item <= $items; ++$item) {
            $answer = $this->get($next);
            if ($answer->isRedirect()) {
                $room = (string) $answer->headers->get('Location');
                $rooms[] = explode('?', (string) parse_url($room, \PHP_URL_PATH))[0];
                $answer = $this->get($room);
            }
            $text = (string) $answer->assertOk()->getContent();
            self::assertStringContainsString("$item of $items", self::visible($text));
            preg_match('/id="pen-item"[^>]*href="([^"]*)"/', $text, $match);
            $next = html_entity_decode($match[1] ?? '');
        }
        self::assertStringStartsWith('/lessons?', $next, 'after the last item the plan again');
        self::assertContains('/board', $rooms);
        self::assertContains('/your-turn', $rooms);
    }

    public function testALessonGoesOnPaperAndIntoFiles(): void
    {
        $code = 'lesson=factor-monic.3.60.20.100.5.1';
        $data = $this->get("/lessons/runel-lesson.json?$code")->assertOk()->json();
        self::assertSame(['Trinomials, leading 1, rung 3', 60], [$data['name'], $data['minutes']]);
        self::assertSame('goal', $data['items'][0]['kind']);
        self::assertSame(array_sum(array_column(\array_slice($data['items'], 0, -1), 'seconds')), end(
            $data['items'],
        )['begins']);
        $markdown = (string) $this->get("/lessons/runel-lesson.md?$code")->assertOk()->getContent();
        self::assertStringContainsString('**Your turn**', $markdown);
        foreach (['plan' => false, 'worked' => true, 'faded' => true, 'blank' => false] as $for => $isWorked) {
            $sheet = (string) $this->get("/lessons/sheet?$code&for=$for")->assertOk()->getContent();
            self::assertSame($isWorked, str_contains($sheet, 'print-step'), $for);
            self::assertSame($for === 'plan', str_contains($sheet, 'The usual slip'), $for);
        }
        $blank = (string) $this->get("/lessons/sheet?$code&for=blank")->getContent();
        self::assertStringContainsString('set-line', $blank);
    }

    public function testInkIsKeptWithItsItemAndGoesOutWithTheLesson(): void
    {
        $lesson = $this->begin('Written on');
        $this->add($lesson, ['kind' => 'demonstration', 'problem' => '3n+2=11']);
        $play = basename(\dirname((string) $this->post("/lessons/$lesson->id/plays")->headers->get('Location')));
        $stroke = ['tool' => 'ring', 'ink' => 'rust', 'on' => 'read 0', 'points' => [[0, 0, 0.5], [1.25, 2, 0.5]]];
        $strokes = ['2' => [
            $stroke,
            ['tool' => 'spray'] + $stroke,
            ['points' => [[0, 0], ['x', 9]]] + $stroke,
        ], 'no step' => [$stroke]];
        $said = $this->post("/plays/$play/1/ink", ['ink' => json_encode($strokes)])->assertOk();
        $said->assertSee('The ink is kept in the lesson.');
        $line = (string) $this->get("/plays/$play/1/line")->assertOk()->getContent();
        self::assertSame(1, preg_match('/data-ink="([^"]*)"/', $line, $found));
        $kept = json_decode(html_entity_decode($found[1] ?? ''), true);
        self::assertEquals(['2' => [$stroke]], $kept, 'what is no stroke is left out');
        $file = $this->get("/lessons/$lesson->id/runel-lesson.json")->assertOk();
        self::assertEquals($kept, $file->json('items.0.ink'));
        $this->post('/lessons/import', ['text' => (string) $file->getContent()])->assertRedirect();
        self::assertEquals($kept, KeptLesson::items(
            Lesson::query()->whereKeyNot($lesson->id)->latest('created_at')->firstOrFail()->items,
        )[0]->ink->steps);

        $much = ['2' => array_fill(0, 401, $stroke)];
        $this->post("/plays/$play/1/ink", ['ink' => json_encode($much)])->assertSee('more ink than a lesson keeps');
        $this->post("/plays/$play/9/ink", ['ink' => '{}'])->assertSee('no such item');
        self::assertEquals($kept, KeptLesson::items($lesson->refresh()->items)[0]->ink->steps, 'nothing is lost');
    }

    public function testNonsenseIsSaidWhereItIsAsked(): void
    {
        $this->get('/lessons?skill=knitting')->assertStatus(422)->assertSee('There is no skill');
        $this->get('/lessons?skill=linear&rung=99')->assertStatus(422)->assertSee('cannot be wished');
        $this->get('/lessons?skill=linear&minutes=9999')->assertStatus(422);
        $this->get('/lessons/play?lesson=linear.2.45.24.100.1.500')->assertRedirect();
        $this->get('/board?problem=2x%2B3%3D7&lesson=%3Cb%3E')->assertOk()->assertDontSee('<b>', false);
        $this->get('/board?problem=2x%2B3%3D7&lesson=no.such')->assertOk()->assertDontSee('Next item');
    }

    public function testALessonIsBuiltByHandMovedAndChanged(): void
    {
        $lesson = $this->begin('Built by hand');
        $this->add($lesson, ['kind' => 'goal', 'text' => 'Undo what was done last']);
        $this->add($lesson, ['kind' => 'demonstration', 'problem' => '3n+2=11']);
        $this->add($lesson, ['kind' => 'your-turn', 'problem' => '5n+4=19', 'minutes' => '7']);
        $this->add($lesson, ['kind' => 'two-ways', 'problem' => 'x^2+7x+10=0']);
        $this->add($lesson, ['kind' => 'warning', 'problem' => '7-2(t-3)=1', 'slip' => 'minus-not-carried']);
        $this->add($lesson, ['kind' => 'set', 'skill' => 'linear', 'rungs' => '2-3', 'count' => '6', 'seed' => '5']);
        $page = self::visible((string) $this->get("/lessons/$lesson->id")->assertOk()->getContent());
        foreach (['Undo what was done last', '3n+2=11', 'about 7 min', '6 problems'] as $said) {
            self::assertStringContainsString(str_replace(' ', '', $said), str_replace([' ', "\u{2062}"], '', $page));
        }
        $ids = self::ids($lesson);
        self::assertCount(6, $ids);
        $wanted = [$ids[1], $ids[0], ...\array_slice($ids, 2)];
        $this->put("/lessons/$lesson->id/order", [
            'version' => $this->version($lesson),
            'order' => implode(',', $wanted),
        ])->assertRedirect();
        self::assertSame($wanted, self::ids($lesson));
        $this->put("/lessons/$lesson->id/items/$ids[1]", [
            'version' => $this->version($lesson),
            'problem' => '3n+2=11',
            'step' => '2',
            'ask' => '1',
        ])->assertRedirect();
        self::assertSame([2, true], [self::items($lesson)[0]['step'] ?? null, self::items($lesson)[0]['ask'] ?? null]);
        $this->delete("/lessons/$lesson->id/items/$ids[0]", ['version' => $this->version($lesson)])->assertRedirect();
        self::assertNotContains($ids[0], self::ids($lesson));
    }

    /** A page with a slip is made once, kept as it is, and shows the learners nothing of where its slip is. */
    public function testAPageWithASlipIsAnItem(): void
    {
        $lesson = $this->begin('A slip to find');
        $this->add($lesson, ['kind' => 'slip-to-find', 'problem' => '7-2(t-3)=1', 'slip' => 'minus-not-carried']);
        [$item] = self::items($lesson);
        self::assertSame([['-2t+1 = 1'], 1], [\array_slice($item['page'] ?? [], 0, 1), $item['at'] ?? null]);
        $plan = (string) $this->get("/lessons/$lesson->id/sheet?for=plan")->assertOk()->getContent();
        self::assertStringContainsString('minus not carried', self::visible($plan));
        $handout = (string) $this->get("/lessons/$lesson->id/sheet?for=blank")->assertOk()->getContent();
        self::assertStringContainsString('Which one?', self::visible($handout));
        self::assertStringNotContainsString('minus not carried', self::visible($handout));
        self::assertStringNotContainsString('is-slip', $handout);
        $play = $this->post("/lessons/$lesson->id/plays")->assertRedirect()->headers->get('Location');
        $room = (string) $this->get((string) $play)->assertRedirect()->headers->get('Location');
        self::assertStringStartsWith('/spot?', (string) preg_replace('/^https?:..[^\/]+/', '', $room));
        $this->get($room)->assertOk()->assertSee('Which one?')->assertSee('lesson-line');
        $this->get("$room&pick=1")->assertSee('does not follow')->assertDontSee('Look again');
        $id = self::ids($lesson)[0];
        $change = ['version' => $this->version($lesson), 'problem' => '7-2(t-3)=1', 'slip' => 'plus-minus-forgotten'];
        $this->put("/lessons/$lesson->id/items/$id", $change)->assertStatus(422)
            ->assertSee('No page of work that somebody could have written');
        self::assertSame($item, self::items($lesson)[0], 'what was kept stands');
    }

    public function testTheLaterOfTwoWindowsIsToldAndLosesNothing(): void
    {
        $lesson = $this->begin('Two windows');
        $seen = $this->version($lesson);
        $this->put("/lessons/$lesson->id", ['version' => $seen, 'name' => 'First'])->assertRedirect();
        $this->put("/lessons/$lesson->id", ['version' => $seen, 'name' => 'Second'])->assertStatus(409)
            ->assertSee('changed in another window')->assertSee('value="Second"', false);
        self::assertSame('First', $lesson->refresh()->name);
        $this->post("/lessons/$lesson->id/items", ['version' => $seen, 'kind' => 'goal', 'text' => 'typed in vain?'])
            ->assertStatus(409)->assertSee('typed in vain?');
        self::assertSame([], self::items($lesson));
    }

    public function testALessonGoesOutAndComesBackTheSame(): void
    {
        foreach (Lesson::query()->get() as $lesson) {
            foreach (['json', 'md'] as $extension) {
                $text = (string) $this->get("/lessons/$lesson->id/runel-lesson.$extension")->assertOk()->getContent();
                $location = (string) $this->post('/lessons/import', ['text' => $text])->headers->get('Location');
                $back = Lesson::query()->findOrFail(basename($location));
                self::assertSame(self::bare($lesson), self::bare($back), $text);
            }
            $calendar = (string) $this->get("/lessons/$lesson->id/runel-lesson.ics")->assertOk()->getContent();
            $event = Reader::read($calendar)->select('VEVENT')[0];
            \assert($event instanceof VEvent);
            self::assertSame($lesson->name, (string) $event->__get('SUMMARY'));
            self::assertSame($lesson->held_at?->format('Ymd\\THis'), (string) $event->__get('DTSTART'));
        }
    }

    public function testAKeptSetIsPracticeInALesson(): void
    {
        $lesson = $this->begin('With a kept set');
        $set = ProblemSetRecord::query()->firstOrFail();
        $tasks = \is_array($set->tasks) ? $set->tasks : [];
        $this->add($lesson, ['kind' => 'set', 'skill' => 'linear', 'rungs' => '1', 'kept' => (string) $set->id]);
        self::assertSame(array_column($tasks, 'problem'), self::items($lesson)[0]['own'] ?? null);
        $page = (string) $this->get("/lessons/$lesson->id")->assertOk()->getContent();
        self::assertStringContainsString(\count($tasks) . ' problems', self::visible($page));
        preg_match('/href="(\/sets\?own[^"]*)"/', $page, $match);
        $this->get(html_entity_decode($match[1] ?? ''))->assertOk();
        foreach (['json', 'md'] as $extension) {
            $text = (string) $this->get("/lessons/$lesson->id/runel-lesson.$extension")->getContent();
            $back = (string) $this->post('/lessons/import', ['text' => $text])->headers->get('Location');
            self::assertSame(self::bare($lesson), self::bare(Lesson::query()->findOrFail(basename($back))), $text);
        }
        $id = self::ids($lesson)[0];
        \assert(\is_string($id));
        $this->put("/lessons/$lesson->id/items/$id", ['version' => $this->version($lesson), 'own' => 'x + (']);
        $this->put("/lessons/$lesson->id/items/$id", ['version' => $this->version($lesson), 'own' => "x+1=2\n2x=6"]);
        self::assertSame(['x+1=2', '2x=6'], self::items($lesson)[0]['own'] ?? null);
    }

    public function testWordsOfSeveralLinesAndBracesComeBack(): void
    {
        $lesson = $this->begin('Words');
        $this->add($lesson, ['kind' => 'note', 'text' => "One {two}\nthree {four: five}"]);
        $this->add($lesson, ['kind' => 'goal', 'text' => '`tick` and #hash']);
        $text = (string) $this->get("/lessons/$lesson->id/runel-lesson.md")->getContent();
        $back = (string) $this->post('/lessons/import', ['text' => $text])->headers->get('Location');
        self::assertSame(self::bare($lesson), self::bare(Lesson::query()->findOrFail(basename($back))));
        $twice = array_fill(0, 2, ['id' => 'aaaa', 'kind' => 'goal', 'text' => 'x']);
        $data = (string) json_encode(['runel' => 1, 'name' => 'Twice', 'items' => $twice]);
        $back = (string) $this->post('/lessons/import', ['text' => $data])->headers->get('Location');
        $ids = self::ids(Lesson::query()->findOrFail(basename($back)));
        self::assertSame($ids, array_unique($ids));
    }

    public function testAllDatesAreOneCalendar(): void
    {
        $calendar = Reader::read((string) $this->get('/lessons/runel-lessons.ics')->assertOk()->getContent());
        self::assertCount(Lesson::query()->whereNotNull('held_at')->count(), $calendar->select('VEVENT'));
        self::assertSame([], $calendar->validate());
    }

    public function testALessonThatIsHeldIsLoggedAndTellsThePace(): void
    {
        LessonPlay::query()->delete();
        $lesson = Lesson::query()->firstOrFail();
        $this->get('/lessons')->assertSee('The usual pace');
        $next = (string) $this->post("/lessons/$lesson->id/plays")->headers->get('Location');
        $play = LessonPlay::query()->sole();
        $items = \count(self::items($lesson));
        for ($item = 1; $item <= $items; ++$item) {
            self::assertStringEndsWith("/plays/$play->id/$item", explode('?', $next)[0]);
            $answer = $this->get($next);
            $html = (string) ($answer->isRedirect() ? $this->get((string) $answer->headers->get('Location')) : $answer)
                ->assertOk()->getContent();
            $line = self::visible((string) $this->get("/plays/$play->id/$item/line")->assertOk()->getContent());
            self::assertStringContainsString("$item of $items", $line);
            self::assertSame($item, $play->moments()->where('kind', 'reached')->count(), 'looking reaches nothing');
            preg_match('#action="(/plays/[^"]*/reach/\d+)"#', $html, $match);
            $next = (string) $this->post(html_entity_decode($match[1] ?? ''), ['step' => '3'])->assertRedirect()
                ->headers->get('Location');
            $this->post("/plays/$play->id/notes", ['item' => (string) $item, 'text' => "note $item"]);
            $this->travel(4)->minutes();
        }
        self::assertStringEndsWith("/plays/$play->id", $next);
        $log = self::visible((string) $this->get("/plays/$play->id")->assertOk()->getContent());
        self::assertStringContainsString("note $items", $log);
        self::assertNotNull($play->refresh()->ended_at);
        self::assertSame($items, $play->moments()->where('kind', 'reached')->count());
        $this->get('/lessons')->assertSee('Your own pace');
        $this->post("/plays/$play->id/notes", ['item' => '1', 'text' => '  '])->assertSessionHas('refused');
    }

    public function testOnlyWhatLookedLikeTeachingTellsThePace(): void
    {
        LessonPlay::query()->delete();
        $held = function (int ...$seconds): void {
            $at = Carbon::parse('2026-03-02 18:00:00');
            $play = LessonPlay::query()->create([
                'lesson_id' => Lesson::query()->firstOrFail()->id,
                'started_at' => $at,
            ]);
            foreach ($seconds as $number => $taken) {
                LessonMoment::query()->create([
                    'play_id' => $play->id, 'kind' => 'reached', 'place' => $number + 1, 'usual' => 100, 'at' => $at,
                ]);
                $at = $at->copy()->addSeconds($taken);
            }
            $play->update(['ended_at' => $at]);
        };
        $told = static function (): array {
            [$pace, $items] = app(KeptLessons::class)->pace();

            return [$pace->hundredths, $items];
        };
        $held(150, 150, 150, 150);
        self::assertSame([150, 4], $told());
        // Looked through in a hurry, and left lying over a break: neither is how long an item takes.
        $held(2, 3, 9000, 14, 7201);
        self::assertSame([150, 4], $told());
        $held(15, 7200, 60);
        self::assertSame([150, 7], $told());
    }

    public function testBadInputIsSaidInWordsAndKept(): void
    {
        $lesson = $this->begin('Bad input');
        foreach ([
            [['kind' => 'knitting'], 'no item of the kind'],
            [['kind' => 'demonstration', 'problem' => '3x + ('], 'parenthes'],
            [['kind' => 'goal', 'text' => ''], 'needs words'],
            [['kind' => 'goal', 'text' => str_repeat('x', 3000)], 'at most'],
            [['kind' => 'warning', 'problem' => 'x+1', 'slip' => 'none'], 'needs a slip'],
            [['kind' => 'set', 'skill' => 'linear', 'rungs' => '99'], 'rung'],
            [['kind' => 'your-turn', 'problem' => 'x+1=2', 'minutes' => '9999'], 'minutes'],
        ] as [$item, $said]) {
            $this->post("/lessons/$lesson->id/items", ['version' => $this->version($lesson)] + $item)
                ->assertStatus(422)->assertSee($said);
        }
        $held = ['version' => $this->version($lesson), 'name' => 'x', 'held_at' => '2026-02-31'];
        $this->put("/lessons/$lesson->id", $held)->assertStatus(422)->assertSee('is not a date');
        $this->put("/lessons/$lesson->id", ['held_at' => '2001-05-06T17:00'] + $held)->assertRedirect();
        $long = str_repeat('n', 400);
        $this->put("/lessons/$lesson->id", ['version' => $this->version($lesson), 'name' => $long])
            ->assertStatus(422)->assertSee('at most 80 signs')->assertSee($long);
        $this->put("/lessons/$lesson->id", ['version' => $this->version($lesson), 'name' => '<b>bold</b>']);
        $this->get("/lessons/$lesson->id")->assertOk()->assertDontSee('<b>bold', false)->assertSee('<b>bold</b>');
        $many = array_fill(0, 500, ['kind' => 'goal', 'text' => 'x']);
        foreach ([
            [['runel' => 1, 'name' => 'Long', 'items' => $many], 'at most 60'],
            [['runel' => 2, 'name' => 'New', 'items' => []], 'newer Runel'],
            [['runel' => 1, 'name' => 'Item', 'items' => [['kind' => 'goal']]], 'Item 1'],
            [['something' => 'else'], 'not a lesson'],
        ] as [$data, $said]) {
            $this->post('/lessons/import', ['text' => json_encode($data)])->assertSessionHas('refused');
            self::assertStringContainsString($said, (string) session('refused'));
        }
        self::assertSame([], self::items($lesson));
    }

    private function begin(string $name): Lesson
    {
        $location = (string) $this->post('/lessons', ['name' => $name])->headers->get('Location');

        return Lesson::query()->findOrFail(basename($location));
    }

    /** @param array<string, string> $item */
    private function add(Lesson $lesson, array $item): void
    {
        $this->post("/lessons/$lesson->id/items", ['version' => $this->version($lesson)] + $item)->assertRedirect();
    }

    private function version(Lesson $lesson): string
    {
        return (string) $lesson->refresh()->version;
    }

    /** @return list<array<string, mixed>> */
    private static function items(Lesson $lesson): array
    {
        /** @var list<array<string, mixed>> */
        return $lesson->refresh()->items;
    }

    /** @return list<mixed> */
    private static function ids(Lesson $lesson): array
    {
        return array_column(self::items($lesson), 'id');
    }

    /** @return list<array<string, mixed>> the items without what they are known by */
    private static function bare(Lesson $lesson): array
    {
        return array_map(static fn(array $item): array => array_diff_key($item, ['id' => 1]), self::items($lesson));
    }
}
