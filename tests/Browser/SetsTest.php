<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
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
        $this->one('.skills-job:nth-child(2) summary')->click();
        $this->one('a[href*="show=factor-leading"]')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.ladder-name'), 'leading number'), 'its ladder');
        self::assertSame(6, $this->many('.ladder-rung'));
        self::assertStringContainsString('longer hunt', $this->text('.ladder'));
        // The ladder is the control: a rung pressed is left out, pressed again taken with four.
        foreach ([6, 5, 4, 1] as $rung) {
            $this->one('.ladder-rung:nth-child(' . (7 - $rung) . ') .ladder-adds')->click();
        }
        self::assertSame('Make 4 problems', $this->text('#make'));
        $this->one('[aria-label="One more of rung 3"]')->click();
        self::assertSame('Make 5 problems', $this->text('#make'));
        $this->one('#make')->click();
        $this->waitUntil(fn(): bool => $this->many('.made') === 5, 'five problems');
        $this->assertSound('a set');
        self::assertSame(1, \count(array_filter(
            self::$browser->findElements(WebDriverBy::cssSelector('.made-moves')),
            static fn($moves): bool => $moves->isDisplayed(),
        )));
        self::assertFalse($this->one('.made-answer')->isDisplayed());
        $this->press('a');
        self::assertTrue($this->one('.made-answer')->isDisplayed());
        $before = $this->heard('.made .line');
        $this->one('.made-again')->click();
        $this->waitUntil(fn(): bool => $this->heard('.made .line') !== $before, 'another in its place');
        self::assertSame(
            \array_slice(explode(' | ', $before), 1),
            \array_slice(explode(' | ', $this->heard('.made .line')), 1),
        );
        // What was swapped stays swapped in the other version and with more problems; what is taken out comes back.
        $swapped = $this->heard('.made .line');
        $this->one('.versions a:not(.is-taken)')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.versions .is-taken'), 'B'), 'the other version');
        self::assertNotSame($swapped, $this->heard('.made .line'));
        $this->one('.versions a:not(.is-taken)')->click();
        $this->waitUntil(fn(): bool => $this->heard('.made .line') === $swapped, 'the first version as it was');
        $this->one('[aria-label="One more of rung 1"]')->click();
        $this->one('#make')->click();
        $this->waitUntil(fn(): bool => $this->many('.made') === 6, 'one more');
        self::assertStringStartsWith($swapped, $this->heard('.made .line'));
        $this->one('[aria-label="Remove problem 1"]')->click();
        $this->waitUntil(fn(): bool => $this->many('.made') === 5, 'taken out');
        $this->one('#restore')->click();
        $this->waitUntil(fn(): bool => $this->many('.made') === 6, 'back');
        $this->one('[name="name"]')->sendKeys('A test evening');
        $this->one('.made-keep button')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.notice'), 'kept'), 'kept');
        self::assertStringContainsString('A test evening', $this->text('.kept-sets'));
        self::$browser->manage()->window()->setSize(new WebDriverDimension(390, 844));
        $this->assertSound('a set on a phone');
        self::$browser->manage()->window()->setSize(new WebDriverDimension(1280, 800));
        $this->one('.made-leaf:nth-child(3) summary')->click();
        foreach (['title' => 'Pairs', 'date' => '3 December', 'points' => '2, 3, 3, 1, 1, 2'] as $name => $said) {
            $this->one(".made-heading [name=\"$name\"]")->sendKeys($said);
        }
        $this->one('.made-heading button')->click();
        $this->waitUntil(fn(): bool => $this->text('#made-title') === 'Pairs', 'its heading');
        $this->one('.made-leaf summary')->click();
        $this->one('.made-take a[href*="key=answers"]')->click();
        $this->waitUntil(fn(): bool => $this->many('.set-problem') === 6, 'the sheet');
        self::assertSame(6, $this->many('.set-answer'));
        self::assertStringContainsString('3 December', $this->text('.print-head'));
        self::assertStringContainsString('of 12', $this->text('.set-who'));
        self::assertStringContainsString('3 points', $this->text('.set-problem:nth-child(2)'));
        self::assertGreaterThan(14, $this->many('.set-line'));
        $this->assertSound('a sheet');
    }
}
