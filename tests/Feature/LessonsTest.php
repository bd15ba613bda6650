<?php

declare(strict_types=1);

namespace Tests\Feature;

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
        preg_match('/id="play" href="([^"]*)"/', $html, $match);
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

    public function testNonsenseIsSaidWhereItIsAsked(): void
    {
        $this->get('/lessons?skill=knitting')->assertStatus(422)->assertSee('There is no skill');
        $this->get('/lessons?skill=linear&rung=99')->assertStatus(422)->assertSee('cannot be wished');
        $this->get('/lessons?skill=linear&minutes=9999')->assertStatus(422);
        $this->get('/lessons/play?lesson=linear.2.45.24.100.1.500')->assertRedirect();
        $this->get('/board?problem=2x%2B3%3D7&lesson=%3Cb%3E')->assertOk()->assertDontSee('<b>', false);
        $this->get('/board?problem=2x%2B3%3D7&lesson=no.such')->assertOk()->assertDontSee('Next item');
    }
}
