<?php

declare(strict_types=1);

namespace Tests\Feature;

/** Two roads beside each other, a method as a card, a style learned from one's own lines. */
final class ComparingTest extends TestCase
{
    private const SQUARE = '/board?job=solve&method=completing-square&problem=2x%5E2%2B12x-14%3D0';

    /** Equal steps beside each other, differing ones marked, the first of them lit, the difference said in words. */
    public function testTheOtherTeachersRoadStandsBesideOurs(): void
    {
        $address = str_replace('/board?', '/teachers?', self::SQUARE);
        $html = (string) $this->get("$address&other[square-books]=same-side")->assertOk()->getContent();
        self::assertSame(1, substr_count($html, 'id="first-difference"'));
        $text = self::visible($html);
        self::assertStringContainsString('The completed square: Added to both sides · Added and taken away', $text);
        self::assertStringContainsString('On both sides 9 is added', $text);
        self::assertStringContainsString('Adding 9 and taking it away changes nothing.', $text);
        $same = substr_count($html, 'compared-row is-same');
        self::assertGreaterThan(4, $same);
        $all = (string) $this->get("$address&other[square-books]=both-sides")->getContent();
        self::assertSame(0, substr_count($all, 'id="first-difference"'));
        self::assertStringContainsString('All steps are the same.', $all);
        $this->get("$address&other[square-books]=nonsense&other[nonsense]=x")->assertOk();
        self::assertStringNotContainsString('name="other[grid-collect]"', $html, 'what changes nothing is not asked');
    }

    /** The changed problem goes the same way as far as it can; where it cannot, that is said. */
    public function testOneThingChangedIsSeenBesideTheProblem(): void
    {
        $address = '/changed?job=solve&method=factoring&problem=x%5E2%2B6x-7%3D0';
        $html = (string) $this->get($address)->assertOk()->getContent();
        preg_match_all('/changed=([^"&]*)/', $html, $links);
        $changed = array_map(urldecode(...), $links[1]);
        self::assertContains('x^2-6x-7 = 0', $changed);
        self::assertContains('x^2+6x+7 = 0', $changed);
        self::assertContains('x^2+7x-7 = 0', $changed);
        self::assertContains('x^2+5x-7 = 0', $changed);
        self::assertNotContains('x^3+6x-7 = 0', $changed, 'another exponent is another problem');
        $turned = self::visible((string) $this->get("$address&changed=x%5E2-6x-7%3D0")->assertOk()->getContent());
        self::assertStringContainsString('The first step that differs is lit.', $turned);
        $other = self::visible((string) $this->get("$address&changed=x%5E2%2B6x%2B7%3D0")->assertOk()->getContent());
        self::assertStringContainsString('it goes by another way: Completing the square', $other);
        $this->get("$address&changed=((")->assertOk()->assertSee('role="alert"', false);
    }

    public function testAMethodIsACardWhoseLinesNameTheirSteps(): void
    {
        $address = str_replace('/board?', '/card?', self::SQUARE);
        $html = (string) $this->get($address)->assertOk()->getContent();
        $text = self::visible($html);
        self::assertStringContainsString('How it goes: Completing the square', $text);
        self::assertStringContainsString('Bring the number to the other side: the same on both sides.', $text);
        $across = self::visible((string) $this->get("$address&moving=across&square-order=all-terms")->getContent());
        self::assertStringContainsString('The number crosses, and turns its sign.', $across);
        self::assertStringContainsString('Take the leading number out of all three terms', $across);
        preg_match_all('/data-card="(\d+)"/', $html, $lines);
        preg_match_all('/data-step="(\d+)"/', $html, $steps);
        self::assertSame([], array_diff($steps[1], $lines[1]), 'each step belongs to a line of the card');
        $first = (string) $this->get("$address&example=first")->getContent();
        self::assertLessThan(strpos($first, 'class="method-card"'), strpos($first, 'card-example'));
    }

    public function testAStyleIsLearnedAndKept(): void
    {
        $lines = "2x²+12x-14=0\nx²+6x-7=0\nx²+6x=7\n(x+3)²=16\nx+3=±4\nx=2";
        $text = self::visible((string) $this->post('/style/learned', ['lines' => $lines])->assertOk()->getContent());
        self::assertStringContainsString('4 of 5 lines are written by this road.', $text);
        self::assertStringContainsString('Number first, or division first: Divided first, then moved', $text);
        self::assertStringContainsString('This line is wrong, so nothing has been learned from it.', $text);
        $this->post('/style/learned', ['lines' => "5x+4=2x+19\n25x+20=10x+95"])->assertOk()
            ->assertSee('No line of these is written by any road');
        $this->post('/style/learned', ['lines' => ''])->assertStatus(422);
        $this->post('/style/learned', ['lines' => "((\nx=1"])->assertStatus(422)->assertSee('role="alert"', false);
        $this->post('/style/learned', ['lines' => "5x+4=2x+19\n3x+4=19\n3x=15\nx=5\n\n7x-3=4x+9\n7x=4x+12\nx=4"])
            ->assertOk()->assertSee('The examples contradict one another here: Collected first.');
    }
}
