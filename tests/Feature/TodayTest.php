<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Learner;
use App\Models\Lesson;
use Illuminate\Support\Carbon;

/** What an evening begins with is the tutor's alone, counts what is due, and covers names until they are asked for. */
final class TodayTest extends TestCase
{
    private const SLIP = ['problem' => '7-2(t-3)=1', 'lines' => "7-2t-6=1\n1-2t=1\n-2t=0\nt=0"];

    public function testAStrangerIsToldNothing(): void
    {
        $this->get('/today')->assertNoContent();
        $this->get('/')->assertOk()->assertSee('hx-get="/today"', false);
    }

    public function testAnEveningInFourRows(): void
    {
        $this->travelTo(Carbon::parse('2026-03-05 16:00'));
        $this->signIn();
        Learner::query()->delete();
        Lesson::query()->delete();
        self::assertSame('', trim($this->today()), 'nothing is known of anybody');
        foreach (['Wren', 'Oda'] as $name) {
            $this->post('/learners', ['name' => $name])->assertRedirect();
            $learner = Learner::query()->where('name', $name)->sole();
            $this->post("/learners/$learner->id/lines", self::SLIP)->assertRedirect();
        }
        $worked = $this->today();
        self::assertStringContainsString('2 have worked since yesterday', $worked);
        self::assertStringNotContainsString('due', $worked);
        $this->travel(2)->days();
        $this->post('/lessons', ['name' => 'Minus before brackets', 'held_at' => '2026-03-07T17:30', 'minutes' => '45'])
            ->assertRedirect();
        $html = (string) $this->get('/today')->getContent();
        $today = self::visible($html);
        self::assertStringContainsString('17:30 Minus before brackets', $today);
        self::assertStringContainsString('2 learners, 2 things due', $today);
        self::assertStringContainsString('Linear equations, rung 5, wobbles for 2', $today);
        self::assertStringNotContainsString('worked since', $today);
        self::assertSame(0, preg_match('/Wren(?![^<]*<\/details>)/', $html), 'names are folded away');
        preg_match('/id="today-sheet"\s+href="([^"]*)"/', $html, $sheet);
        $made = (string) $this->get(html_entity_decode($sheet[1] ?? ''))->assertOk()->getContent();
        self::assertSame(1, substr_count($made, 'class="made"'), 'one problem of the one rung that is due');
    }

    private function today(): string
    {
        return self::visible((string) $this->get('/today')->assertOk()->getContent());
    }
}
