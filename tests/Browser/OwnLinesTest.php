<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;

/** A learner's own lines: written one by one with a slip, help and an end; and a whole pile, marked and counted. */
final class OwnLinesTest extends TestCase
{
    public function testALearnerSlipsMendsAsksForHelpAndFinishesByKeys(): void
    {
        $this->open('/board', ['problem' => '4(x-3)-2(x-5)=12', 'job' => 'solve', 'method' => 'balance']);
        $this->press('y');
        $this->waitUntil(fn(): bool => str_contains(self::$browser->getCurrentURL(), '/your-turn'), 'the page');
        $this->write('4x-12-2x-10=12');
        $this->waitUntil(fn(): bool => str_contains($this->text('.marked-say'), 'not carried'), 'the slip');
        self::assertSame('−10', str_replace(["\u{2062}", ' ', "\n"], '', $this->text('.mark-doubted')));
        self::assertSame('4x-12-2x-10=12', $this->one('#draft')->getAttribute('value'));
        $this->one('#draft')->sendKeys(str_repeat(WebDriverKeys::BACKSPACE, 6) . '+10=1');
        $this->waitUntil(fn(): bool => str_contains($this->heard('#draft-read'), 'plus 10'), 'set while typed');
        $this->one('#draft')->sendKeys('2' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => $this->many('.marked.is-follows') === 1, 'mended');
        self::assertSame(0, $this->many('.marked.is-wrong'));
        $this->one('#draft')->sendKeys('2x' . WebDriverKeys::ESCAPE);
        $this->waitUntil(fn(): bool => $this->heard('#draft-read') === '2 x', 'read after the field is left');
        foreach ([1, 2, 3, 4] as $rung) {
            $this->press('h');
            $this->waitUntil(fn(): bool => $this->many('.rung') === $rung, "rung $rung");
            self::assertSame('2x', $this->one('#draft')->getAttribute('value'), 'what was begun stays');
            $this->press(WebDriverKeys::ESCAPE);
        }
        $this->assertSound('help in rungs');
        $this->one('#draft')->clear()->sendKeys('2x-2=12' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => $this->many('.marked.is-follows') === 2, 'the second line');
        $this->write('x=7');
        $this->waitUntil(fn(): bool => str_contains($this->text('#done'), 'in 3 lines'), 'the end');
        self::assertStringContainsString('minus not carried', strtolower($this->text('.turn-slips')));
        self::assertNotSame('', $this->heard('.turn-checking'));
        $this->one('.turn-ways a')->click();
        $this->waitUntil(fn(): bool => $this->many('.compare .is-pair') > 0, 'paired with a way');
        $this->assertSound('a comparison');
        $this->phone();
        $this->assertSound('your turn on a phone');
    }

    /** Branches on lines of their own, a rounded answer, the rows of a division: on the page, and in a pile. */
    public function testPagesAsTheyAreWrittenAreFollowed(): void
    {
        $this->open('/your-turn', ['problem' => 'x^2-7x-8=0']);
        foreach (['(x-8)(x+1)=0', 'x-8=0', 'x=8', 'x+1=0'] as $number => $line) {
            $this->write($line);
            $this->waitUntil(fn(): bool => $this->many('.marked.is-follows') === $number + 1, $line);
        }
        self::assertSame(0, $this->many('#done'), 'one branch is still open');
        $this->write('x=-1');
        $this->waitUntil(fn(): bool => $this->many('#done') === 1, 'both branches are done');
        $this->open('/your-turn', ['problem' => 'Solve 4x^2+x-2=0 to 2 decimal places']);
        $this->write('x=(-1+sqrt(33))/8 or x=(-1-sqrt(33))/8');
        $this->waitUntil(fn(): bool => $this->many('.marked.is-follows') === 1, 'exact');
        $this->write('x=0.59 or x=-0.84');
        $this->waitUntil(fn(): bool => str_contains($this->text('#turn'), 'exactly'), 'rounded, and said so');
        self::assertSame(0, $this->many('.marked.is-wrong'));
        $this->open('/marking');
        $this->one('#text')->sendKeys("# Wren\nProblem: x^2-7x-8=0\n(x-8)(x+1)=0\nx=8\nx=-1\n\n"
            . "# Noor\nProblem: (x^3-2x^2+4)/(x-3)\n1  -2  0  4\n   3  3  9\n1  1  3  13\nx^2+x+3 r 13\n");
        $this->one('#mark')->click();
        $this->waitUntil(fn(): bool => $this->many('.piece') === 2, 'the pile');
        self::assertSame(0, $this->many('.marked.is-wrong') + $this->many('.marked.is-unreadable'));
        self::assertSame(2, substr_count($this->text('#pile'), '✓ finished'));
        $this->one('[data-take-mark]')->click();
        self::assertMatchesRegularExpression('/^\d of \d$/', (string) $this->one('#mark-0')->getAttribute('value'));
    }

    public function testAProblemOnTheProjectorWaitsWhenItsTimeIsOver(): void
    {
        $this->open('/your-turn', ['problem' => 'x^2+14x+48', 'stage' => 'hidden']);
        self::assertSame(0, $this->many('.projector .maths'), 'nothing is seen yet');
        $this->assertSound('a hidden problem');
        $this->open('/your-turn', ['problem' => 'x^2+14x+48', 'stage' => 'hidden', 'time' => 10]);
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => $this->many('.countdown') === 1, 'the countdown');
        self::assertStringNotContainsString('x plus 6', $this->heard('.projector'));
        // The clock of the page is put on: nobody has to wait for it.
        self::$browser->executeScript('const now = Date.now; Date.now = () => now() + 8000');
        self::$browser->wait(16, 300)->until(fn(): bool => $this->text('.countdown-more') !== '');
        self::assertSame(['0:00', 0], [$this->text('.countdown-left'), $this->many('.projector-answer')]);
        $this->one('.countdown-more button')->click();
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.countdown-left'), '0:5'), 'a minute more');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => $this->many('.projector-answer') === 1, 'the answer, when the tutor wants it');
        self::assertStringContainsString('x plus 6', $this->heard('.projector-answer'));
        self::assertNotSame('', $this->heard('.projector-check'));
        $this->assertSound('an answer on the projector');
    }

    public function testAPileIsPastedMarkedAndCounted(): void
    {
        $this->open('/marking', ['sample' => 1]);
        $this->assertSound('handing in');
        $this->one('#mark')->click();
        $this->waitUntil(fn(): bool => $this->many('.piece') === 10, 'ten pieces');
        self::assertMatchesRegularExpression('/minus not carried through 2 Mirela, Jarek/', $this->text('.tally'));
        self::assertSame($this->many('.tally tbody tr'), $this->many('.tally-chart rect'));
        $this->one('input[name="remark[0]"]')->sendKeys('look at the minus');
        $this->assertSound('a marked pile');
        $this->phone();
        $this->assertSound('a marked pile on a phone');
        $pile = self::$browser->getWindowHandle();
        $this->one('button[value="print"]')->click();
        $this->waitUntil(static fn(): bool => \count(self::$browser->getWindowHandles()) === 2, 'a window beside');
        self::$browser->switchTo()->window(current(array_diff(self::$browser->getWindowHandles(), [$pile])) ?: '');
        $this->waitUntil(fn(): bool => $this->many('.pile-print') === 1, 'the printed sheet');
        self::assertStringContainsString('look at the minus', $this->text('.pile-print'));
        self::$browser->close()->switchTo()->window($pile);
        $this->open('/marking', ['sample' => 1]);
        $this->one('#mark')->click();
        $this->waitUntil(fn(): bool => $this->many('.piece') === 10, 'the same pile once more');
        $remark = fn(): string => (string) $this->one('input[name="remark[0]"]')->getAttribute('value');
        self::assertSame('look at the minus', $remark(), 'what was typed waits in this browser');
        $this->one('select[name="rule[0][piece]"]')->sendKeys('right');
        $this->reach('#count-anew')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.tally'), 'through 1 Jarek'), 'the tutor\'s word');
        $this->reach('#draft-clear')->click();
        self::assertSame('', $remark());
    }

    private function write(string $line): void
    {
        $this->one('#draft')->sendKeys($line . WebDriverKeys::ENTER);
    }

    private function phone(): void
    {
        self::$browser->manage()->window()->setSize(new WebDriverDimension(390, 844));
    }
}
