<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverDimension;

/** A set made from a ladder, a problem of it swapped, kept, put on paper. */
final class SetsTest extends TestCase
{
    public function testASheetIsPastedMendedAndKeptAsASet(): void
    {
        $this->signIn();
        $this->open('/', ['problem' => "Factorise:\n(a) x^2 + 14x + 48\n(b) 6x^2 - 7x - 5\nsovle 3x = 12"]);
        self::assertSame(3, $this->many('.sheet-row'));
        self::assertStringContainsString('Did you mean “solve”?', $this->text('.sheet-row.is-unread'));
        $this->one('[name="mended"]')->clear()->sendKeys('solve 3x = 12');
        $this->one('.sheet-mend button')->click();
        $this->waitUntil(fn(): bool => $this->many('.sheet-row.is-unread') === 0, 'the line mended');
        $this->assertSound('a pasted sheet');
        $this->one('#sheet-set')->click();
        $this->waitUntil(fn(): bool => $this->many('.made-keep') === 1, 'the set');
        self::assertStringContainsString('3 problems', $this->text('#made-title'));
        $this->one('[name="name"]')->sendKeys('A pasted sheet');
        $this->one('.made-keep button')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.kept-sets'), 'A pasted sheet'), 'kept');
        self::assertStringContainsString('A pasted sheet', $this->text('#made-title'));
        // What its heading asked has gone along.
        self::assertStringContainsString('plus 14 x plus 48', $this->heard('.made'));
    }

    public function testASetIsMadeSwappedKeptAndPrinted(): void
    {
        $this->open('/sets');
        $this->assertSound('the ladders');
        $this->one('a[href*="show=factor-leading"]')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.ladder-name'), 'leading number'), 'its ladder');
        self::assertSame(6, $this->many('.ladder-rung'));
        self::assertStringContainsString('longer hunt', $this->text('.ladder'));
        $this->one('[name="rung"]')->clear()->sendKeys('2-3');
        $this->one('[name="count"]')->clear()->sendKeys('5');
        $this->one('#make')->click();
        $this->waitUntil(fn(): bool => $this->many('.made') === 5, 'five problems');
        $this->assertSound('a set');
        $before = $this->heard('.made .line');
        $this->one('.made-again')->click();
        $this->waitUntil(fn(): bool => $this->heard('.made .line') !== $before, 'another in its place');
        self::assertSame(
            \array_slice(explode(' | ', $before), 1),
            \array_slice(explode(' | ', $this->heard('.made .line')), 1),
        );
        $this->one('[name="name"]')->sendKeys('A test evening');
        $this->one('.made-keep button')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.notice'), 'kept'), 'kept');
        self::assertStringContainsString('A test evening', $this->text('.kept-sets'));
        self::$browser->manage()->window()->setSize(new WebDriverDimension(390, 844));
        $this->assertSound('a set on a phone');
        self::$browser->manage()->window()->setSize(new WebDriverDimension(1280, 800));
        $this->one('.made-take a[href*="key=answers"]')->click();
        $this->waitUntil(fn(): bool => $this->many('.set-problem') === 5, 'the sheet');
        self::assertSame(5, $this->many('.set-answer'));
        self::assertGreaterThan(14, $this->many('.set-line'));
        $this->assertSound('a sheet');
    }
}
