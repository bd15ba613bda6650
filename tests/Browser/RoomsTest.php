<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class RoomsTest extends TestCase
{
    private const PROBLEM = '(4k^2-k+3)(k-5)';

    public function testAsksFirst(): void
    {
        $this->open('/board', ['problem' => self::PROBLEM, 'method' => 'grid', 'step' => 4]);
        $this->press('q');
        $this->waitUntil(fn(): bool => str_contains($this->text('#pen-next'), 'Reveal'), 'a question');
        $this->waitUntil(fn(): bool => $this->one('#answer')->getAttribute('value') === '', 'an empty answer');
        $this->assertSound('asking');
        $this->one('#answer')->sendKeys('k^2' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'sign of a product'), 'the slip');
        $this->one('#answer')->clear()->sendKeys('-k²' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'Right'), 'judged right');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => str_contains($this->text('#pen-next'), 'Reveal'), 'the next question');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => str_contains($this->text('#pen-next'), 'Next'), 'revealed by the arrow');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => str_contains($this->text('#pen-next'), 'Reveal'), 'asked again');
        $this->one('[data-own]')->sendKeys('1' . WebDriverKeys::TAB);
        $this->waitUntil(fn(): bool => $this->text('.timer-over') === 'Time.', 'the quiet timer');
    }

    public function testEveryRoomIsReachedFromEveryOtherByTwoKeys(): void
    {
        $this->signIn();
        $this->open('/board', ['problem' => self::PROBLEM, 'method' => 'grid', 'step' => 4]);
        $this->press('m');
        $this->assertSound('the rooms over a board');
        $this->press(WebDriverKeys::ESCAPE);
        self::assertFalse(self::$browser->executeScript('return document.getElementById("rooms").open'));
        $rooms = ['/sets', '/lessons', '/learners', '/marking', '/tutor', '/'];
        foreach ([2, 3, 4, 5, 6, 1] as $digit) {
            // A field that has the focus is typed into: it is left first.
            $this->press(WebDriverKeys::ESCAPE);
            $this->press('m');
            $this->press((string) $digit);
            $path = $rooms[($digit + 4) % 6];
            $this->waitUntil(
                fn(): bool => parse_url(self::$browser->getCurrentURL(), \PHP_URL_PATH) === $path,
                "room $digit",
            );
            self::assertSame('page', $this->one('.room-link.is-here')->getAttribute('aria-current'));
        }
    }

    /** A pasted worksheet is gone through by the one key that shows the next step. */
    public function testAWorksheetIsDemonstratedInTurn(): void
    {
        $this->open('/', ['problem' => "Factor x^2+5x+6\nSolve 3x-4=11"]);
        $this->waitUntil(fn(): bool => $this->many('#sheet-turn:not([hidden])') === 1, 'a sheet');
        $this->assertSound('a worksheet');
        $this->one('#problem')->click();
        $this->press(WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.sheet-line'), '1 of 2'), 'the first problem');
        $this->press(WebDriverKeys::END);
        $this->waitUntil(fn(): bool => $this->text('.spine-count') === '9 of 9', 'its end');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => str_contains($this->text('.sheet-line'), '2 of 2'), 'the second problem');
        self::assertStringContainsString('3 x minus 4', $this->heard('.board-problem'));
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitUntil(fn(): bool => str_contains($this->text('.sheet-line'), '1 of 2'), 'the first one again');
    }

    /** A key goes one layer deeper than the reason, and the next step closes it again. */
    public function testButWhyIsAnsweredOnNumbers(): void
    {
        $this->open('/board', ['problem' => '3(x-2)=x+4', 'job' => 'solve', 'method' => 'balance', 'step' => 4]);
        $this->press('e');
        $this->waitUntil(fn(): bool => str_contains($this->text('#why-more'), 'stays equal'), 'the law');
        self::assertStringContainsString('x equals 5', $this->heard('#why-more'));
        $this->assertSound('one layer deeper');
        $this->press('e');
        $this->waitUntil(fn(): bool => $this->many('.why-line') === 0, 'closed by the same key');
        $this->press('e');
        $this->waitUntil(fn(): bool => $this->many('.why-line') > 0, 'and opened again');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => $this->many('.why-line') === 0, 'closed by the next step');
    }

    /** Ink stays with the step it was drawn at, over next, back and a reload, and is gone when it is rubbed out. */
    /** What somebody would have written instead is done, named, and shown to fail; what is right is told. */
    public function testWhyNotIsAnswered(): void
    {
        $this->open('/board', ['problem' => '3(x+4)=27', 'method' => 'balance', 'step' => 3]);
        $this->press('e');
        $this->waitUntil(fn(): bool => $this->many('#why-not') === 1, 'the question');
        $this->one('#why-not')->sendKeys('3x+4=27' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => $this->many('.why-not-said .marked') === 1, 'judged');
        self::assertStringContainsString('Only the first term', $this->text('.why-not-said'));
        $this->one('#why-not')->clear()->sendKeys('3x+12=27' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.why-not-said'), 'You can.'), 'what is right');
        $this->one('.why-deeper summary')->click();
        self::assertNotSame('', $this->text('.why-deeper p'));
        $this->assertSound('but why');
    }

    public function testThePenWritesOnAStepAndNowhereElse(): void
    {
        $this->open('/board', ['problem' => self::PROBLEM, 'method' => 'grid', 'step' => 4]);
        $drawn = fn(): int => $this->many('.strokes path');
        $sheet = $this->one('.sheet');
        $drag = static fn() => (new WebDriverActions(self::$browser))->moveToElement($sheet, 40, 120)->clickAndHold()
            ->moveByOffset(60, 20)->moveByOffset(50, -30)->release()->perform();
        $address = self::$browser->getCurrentURL();
        $this->press('d');
        $this->waitUntil(fn(): bool => $this->one('#pen-tools')->isDisplayed(), 'the pen\'s own bar');
        $drag();
        $this->one('[data-tool=ring]')->click();
        $drag();
        $this->waitUntil(fn(): bool => $drawn() === 2, 'a line and a ring');
        $this->assertSound('a board that is written on');
        self::assertSame($address, self::$browser->getCurrentURL(), 'ink is not in the address');
        $this->press(WebDriverKeys::ESCAPE);
        $this->waitUntil(fn(): bool => !$this->one('#pen-tools')->isDisplayed(), 'the pen is laid down');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(
            fn(): bool => str_starts_with($this->text('.spine-count'), '5 ') && $drawn() === 0,
            'not here',
        );
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitUntil(fn(): bool => $drawn() === 2, 'back with its step');
        self::$browser->navigate()->refresh();
        $this->waitUntil(fn(): bool => $drawn() === 2, 'after a reload');
        $this->press('d');
        $this->press('x');
        $this->press('x');
        $this->waitUntil(fn(): bool => $drawn() === 0, 'cleared');
    }

    public function testTheShelfIsFilteredAndWhatIsTakenOffComesBack(): void
    {
        $this->open('/');
        $rows = fn(): int => $this->many('.shelf-group:not([hidden]) li:not([hidden])');
        $all = $rows();
        $this->one('#shelf-filter')->sendKeys('square');
        $this->waitUntil(fn(): bool => $rows() > 0 && $rows() < $all, 'fewer');
        $this->one('.shelf-group[open]:not([hidden]) li:not([hidden]) .shelf-remove')->click();
        $this->waitUntil(fn(): bool => $this->many('.shelf-gone .button') === 1, 'it can be undone');
        $this->one('.shelf-gone .button')->click();
        self::assertSame(0, $this->many('.shelf-gone'));
        $this->assertSound('the shelf');
    }

    /** A style that is forgotten comes back for eight seconds, as what is taken off the shelf does. */
    public function testAForgottenStyleComesBack(): void
    {
        $this->open('/style');
        foreach (['Harbour school', 'Evening class'] as $name) {
            $this->one('[name="name"]')->sendKeys($name);
            $this->one('.house-keep button')->click();
            $this->waitUntil(fn(): bool => str_contains($this->text('.notice'), $name), "$name is kept");
        }
        $this->reach('.shelf-remove[value="Harbour school"]')->click();
        $this->waitUntil(fn(): bool => $this->many('.shelf-gone') === 1, 'it says so');
        $this->one('.shelf-gone button')->click();
        $this->waitUntil(fn(): bool => $this->many('.shelf-gone') === 0, 'it is back');
        $this->one('.shelf-remove[value="Evening class"]')->click();
        $this->waitUntil(fn(): bool => $this->many('.shelf-gone') === 1, 'taken off once more');
        self::$browser->executeScript('document.dispatchEvent(new Event("visibilitychange"))');
        $this->waitUntil(function (): bool {
            $this->open('/style');

            return !str_contains($this->text('.house-named'), 'Evening class');
        }, 'one is gone');
        self::assertStringContainsString('Harbour school', $this->text('.house-named'));
    }

    /** A clicker sends page keys: it goes through what is asked as through everything else. */
    public function testAClickerGoesThroughABoardThatAsks(): void
    {
        $this->open('/board', ['problem' => self::PROBLEM, 'method' => 'grid', 'step' => 4, 'ask' => 1]);
        $this->waitUntil(fn(): bool => $this->one('#answer')->equals(
            self::$browser->switchTo()->activeElement(),
        ), 'the field has the focus');
        $this->press(WebDriverKeys::PAGE_DOWN);
        $this->waitUntil(fn(): bool => str_contains($this->text('#pen-next'), 'Next'), 'revealed');
        $this->press(WebDriverKeys::PAGE_DOWN);
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), '5 of'), 'asked again');
        $this->press(WebDriverKeys::PAGE_UP);
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), '4 of'), 'and back');
    }

    /** From ten metres the room sees the last lines, or, by a key, the figure. */
    public function testTenMetresAwayLinesOrTheFigure(): void
    {
        $this->open('/board', ['problem' => '(2x+3)(x-5)', 'method' => 'grid', 'step' => 9, 'present' => 1]);
        $isShown = fn(string $what): bool => $this->one($what)->isDisplayed();
        $this->press('+');
        $this->waitUntil(fn(): bool => !$isShown('.open .figure'), 'the lines alone');
        self::assertTrue($isShown('#now .line'));
        $this->press('f');
        self::assertTrue($isShown('.open .figure'));
        self::assertFalse($isShown('#now .line'));
        $this->press('f');
        $this->press('-');
        self::assertTrue($isShown('.open .figure'));
        self::assertTrue($isShown('#now .line'));
    }

    public function testTwoWaysSideBySide(): void
    {
        $this->open('/board', ['problem' => self::PROBLEM, 'method' => 'grid', 'step' => 2]);
        $this->press('2');
        $this->waitUntil(fn(): bool => \count(self::$browser->findElements(
            WebDriverBy::cssSelector('.way'),
        )) === 2, 'two ways');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $places = fn(): array => array_map(static fn($place): string => $place->getText(), self::$browser->findElements(
            WebDriverBy::cssSelector('.way-place span'),
        ));
        $this->waitUntil(
            fn(): bool => str_starts_with($places()[0], '2 of') && str_starts_with($places()[1], '2 of'),
            'both one on',
        );
        $this->one('#right-next')->click();
        $this->waitUntil(
            fn(): bool => str_starts_with($places()[0], '2 of') && str_starts_with($places()[1], '3 of'),
            'one alone',
        );
        $this->press(WebDriverKeys::END);
        $this->waitUntil(fn(): bool => str_contains(
            self::$browser->getCurrentURL(),
            'leftstep=last',
        ), 'both to the end');
        $this->assertSound('two ways');
    }

    /** Their own lines give the habits; with them a board, the other teacher's, one thing changed, and the card. */
    public function testAStyleIsLearnedAndComparedWith(): void
    {
        $this->open('/style');
        $this->reach('#lines')->sendKeys("3x - 7 = 14\n3x = 21\nx = 7\n\n5x + 2 = 12\n5x = 11\nx = 2");
        $this->one('.learn-form button')->click();
        $this->waitUntil(fn(): bool => $this->many('.learned-keys li') > 0, 'something is learned');
        $this->assertSound('learned');
        self::assertStringContainsString('3 of 4 lines', $this->text('.notice'));
        self::assertSame('A number leaves its side: It crosses over', $this->text('.learned-keys'));
        self::assertSame(1, $this->many('.compared-row.is-first'), 'the line that is wrong');
        $this->one('.learned-keep [name=name]')->sendKeys('Slipway school');
        $this->one('.learned-keep button')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.notice'), 'Slipway school'), 'kept by name');
        $this->open('/board', ['problem' => '4x + 9 = 25', 'method' => 'balance']);
        $this->press('o');
        $this->waitUntil(fn(): bool => $this->many('.change-piece') === 1, 'one sign to turn');
        $this->one('.change-piece')->click();
        $this->waitUntil(fn(): bool => $this->many('#first-difference') === 1, 'both roads');
        $said = preg_replace('/\s+/u', '', $this->text('.compared'));
        self::assertStringContainsString('−9crossesover', (string) $said);
        $this->assertSound('one thing changed');
        $this->press(WebDriverKeys::ESCAPE);
        $this->waitUntil(fn(): bool => $this->many('#pen-next') === 1, 'back on the board');
        $this->open('/teachers', ['problem' => '4x + 9 = 25', 'method' => 'balance', 'moving' => 'across']);
        $this->one('[name="other[moving]"] [value=both-sides]')->click();
        $this->one('.compare-ask button')->click();
        $this->waitUntil(fn(): bool => $this->many('#first-difference') === 1, 'they differ');
        self::assertStringContainsString('crosses over', $this->text('#first-difference .compared-cell'));
        $theirs = $this->text('#first-difference .compared-cell + .compared-cell');
        self::assertStringContainsString('both sides', $theirs);
        $this->assertSound('another teacher');
        $this->open('/card', ['problem' => '4x + 9 = 25', 'method' => 'balance']);
        $this->one('.card-line[data-card="2"]')->click();
        self::assertSame('true', $this->one('.card-line[data-card="2"]')->getAttribute('aria-pressed'));
        self::assertSame(1, $this->many('.print-step.is-done'), 'the step that does it is lit');
        $this->assertSound('the card');
    }

    public function testHouseStyleAndPaper(): void
    {
        $this->open('/style');
        $this->assertSound('house style');
        $this->one('input[name=words][value=uk]')->click();
        $this->one('input[name=times][value=cross]')->click();
        $this->one('.house-keep button')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.notice'), 'kept'), 'kept');
        $this->open('/board', ['problem' => self::PROBLEM, 'method' => 'term-by-term', 'step' => 3]);
        self::assertStringContainsString('×', $this->text('.line.is-now'));
        // From a board to the house style and back to the same place, told in the other school's way.
        $this->open('/board', ['problem' => self::PROBLEM, 'method' => 'grid', 'step' => 1, 'house' => 1]);
        self::assertStringContainsString('factors to multiply', $this->text('.margin-why'));
        $this->one('#to-style')->click();
        $this->waitUntil(fn(): bool => $this->one(
            'input[name=words][value=uk]',
        )->isSelected(), 'the style that was kept');
        $this->one('.house-keep button')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.notice'), 'kept'), 'kept again');
        $this->one('#way-back')->click();
        $this->waitUntil(fn(): bool => self::$browser->executeScript(
            'return document.documentElement.lang',
        ) === 'en-GB' && $this->text('.spine-count') !== '', 'the same step in British words');
        self::assertStringContainsString('factors to multiply', $this->text('.margin-why'));
        $this->one('#pen-next')->click();
        $this->waitUntil(fn(): bool => str_contains(
            self::$browser->getCurrentURL(),
            'words=uk',
        ), 'and so in every address from there');
        $this->open('/print', ['problem' => self::PROBLEM, 'method' => 'term-by-term']);
        self::assertStringContainsString('descending powers', $this->text('.print-sheet'));
        $this->assertSound('paper');
        $height = self::$browser->executeScript('return document.documentElement.scrollHeight');
        self::assertGreaterThan(800, $height);
    }
}
