<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;

/** A lesson proposed and played by one key, from step to step and from item to item. */
final class LessonsTest extends TestCase
{
    public function testALessonIsPlayedByOneKey(): void
    {
        $this->signIn();
        $this->open('/lessons', ['skill' => 'linear', 'rung' => 2, 'minutes' => 30]);
        $this->assertSound('a plan');
        $this->one('#play')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.projector'), 'a minus'), 'the goal');
        $this->assertSound('a goal');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), '1 of'), 'the first example');
        $steps = (int) explode('of ', $this->text('.spine-count'))[1];
        for ($step = 2; $step <= $steps; ++$step) {
            $this->press(WebDriverKeys::ARROW_RIGHT);
            $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), "$step of"), "step $step");
        }
        $this->assertSound('an example at its end');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.lesson-where'), '3 of'), 'the next item');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.lesson-where'), '2 of'), 'the item before');
        $this->press('n');
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.lesson-where'), '3 of'), 'and on');
        self::assertSame('', $this->text('.lesson-now'), 'the clock is not the room’s');
        $this->press('n');
        $this->waitUntil(fn(): bool => str_contains(self::$browser->getCurrentURL(), '/your-turn'), 'the turn');
        self::$browser->manage()->window()->setSize(new WebDriverDimension(390, 844));
        $this->assertSound('a turn in a lesson on a phone');
        $this->press(WebDriverKeys::ESCAPE);
        $this->waitUntil(fn(): bool => str_contains(self::$browser->getCurrentURL(), '/lessons?'), 'left by Esc');
        $this->open('/lessons', ['skill' => 'linear', 'rung' => 2, 'minutes' => 30]);
        $this->assertSound('a plan on a phone');
    }

    /** The desk steers and shows what is the tutor's; the room's window follows and shows the board alone. */
    public function testALessonIsPlayedInTwoWindows(): void
    {
        $this->open('/board', ['problem' => '(y+3)(y-8)', 'method' => 'grid', 'step' => 3]);
        $desk = self::$browser->getWindowHandle();
        $this->one('#pen-more')->sendKeys(' ');
        $this->one('#pen-second')->click();
        $this->waitUntil(static fn(): bool => \count(self::$browser->getWindowHandles()) === 2, 'a second window');
        $room = array_values(array_diff(self::$browser->getWindowHandles(), [$desk]))[0];
        $in = function (string $window, string $step): void {
            self::$browser->switchTo()->window($window);
            $this->waitUntil(fn(): bool => str_starts_with(
                (string) self::$browser->executeScript('return document.querySelector(".spine-count").textContent'),
                "$step of",
            ), "step $step");
        };
        try {
            $in($room, '3');
            self::assertSame('room-view', self::$browser->executeScript(
                'return [...document.body.classList].find((one) => one === "room-view") ?? ""',
            ));
            self::assertFalse($this->one('.pen-bar')->isDisplayed());
            self::assertStringContainsString('present=1', self::$browser->getCurrentURL());
            self::$browser->switchTo()->window($desk);
            self::assertStringNotContainsString('present=1', self::$browser->getCurrentURL());
            $this->press(WebDriverKeys::ARROW_RIGHT);
            $in($desk, '4');
            $in($room, '4');
            // A clicker works in the room's window, too: the desk is told.
            $this->press(WebDriverKeys::PAGE_DOWN);
            $in($desk, '5');
            $in($room, '5');
            $this->press(WebDriverKeys::ARROW_LEFT);
            $in($desk, '4');
            $in($room, '4');
        } finally {
            self::$browser->switchTo()->window($room)->close();
            self::$browser->switchTo()->window($desk);
        }
    }

    public function testALessonIsPlannedMovedAndHeldByKeys(): void
    {
        $this->signIn();
        $this->open('/lessons');
        $this->assertSound('the lessons');
        $this->one('.lesson-plan details summary')->sendKeys(WebDriverKeys::ENTER);
        $this->one('.lesson-plan input[name=name]')->sendKeys('Evening of keys' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => $this->text('#lesson-plan') === 'Evening of keys', 'an empty lesson');
        foreach (['3n+2=11', '5x+2=2x+11', '7-2(t-3)=1'] as $count => $problem) {
            $this->one('#add-problem')->sendKeys($problem . WebDriverKeys::ENTER);
            $this->waitUntil(fn(): bool => $this->many('#sortable > li') === $count + 1, $problem);
        }
        $this->assertSound('a lesson being built');
        $first = $this->order();
        $handle = $this->one('#sortable > li:nth-child(3) .lesson-handle');
        $handle->sendKeys(WebDriverKeys::ARROW_UP);
        $moved = [$first[0], $first[2], $first[1]];
        $this->waitUntil(fn(): bool => $this->order() === $moved, 'moved by a key');
        $focused = 'return document.activeElement.id';
        $this->waitUntil(fn(): bool => self::$browser->executeScript($focused) === "handle-$first[2]", 'kept in hand');
        $this->press(WebDriverKeys::ARROW_UP);
        $this->waitUntil(fn(): bool => $this->order() === [$first[2], $first[0], $first[1]], 'moved again');
        self::$browser->action()->clickAndHold($this->one('#sortable > li:nth-child(1) .lesson-handle'))
            ->moveByOffset(0, 20)->moveByOffset(0, 60)
            ->moveToElement($this->one('#sortable > li:nth-child(3) .lesson-handle'), 2, 5)->moveByOffset(0, 5)
            ->release()->perform();
        $this->waitUntil(fn(): bool => $this->order()[0] === $first[0], 'dragged');
        $dragged = $this->order();
        self::$browser->navigate()->refresh();
        self::assertSame($dragged, $this->order(), 'and kept');
        $this->one('#down-' . $dragged[0])->click();
        $this->waitUntil(fn(): bool => $this->order()[1] === $dragged[0], 'moved by a button');
        $this->one('#add-problem')->sendKeys('x+7=12' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => $this->many('#sortable > li') === 4, 'added after a move');
        $this->one('#sortable > li:nth-child(4) .lesson-change summary')->click();
        $this->one('#sortable > li:nth-child(4) button[form^=drop]')->click();
        $this->waitUntil(fn(): bool => $this->many('#sortable > li') === 3, 'taken out');
        $this->one('#play')->click();
        $this->waitUntil(fn(): bool => str_contains(self::$browser->getCurrentURL(), '/board'), 'held');
        $this->waitUntil(fn(): bool => str_contains($this->text('.lesson-line'), '1 of 3'), 'the thin line');
        $this->press('n');
        $this->waitUntil(fn(): bool => str_contains($this->text('.lesson-line'), '2 of 3'), 'the next item');
        $this->one('#note-open')->click();
        $this->one('#note-text')->sendKeys('n is a letter here, not a key');
        $this->one('#note-keep')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.lesson-line'), 'Kept.'), 'noted on the way');
        $this->assertSound('a board in a lesson');
        self::$browser->executeScript('document.activeElement.blur()');
        $this->press('n');
        $this->waitUntil(fn(): bool => str_contains($this->text('.lesson-line'), '3 of 3'), 'the last item');
        $this->press('n');
        $this->waitUntil(fn(): bool => str_contains($this->text('.lesson-log'), 'not a key'), 'how it went');
        $this->assertSound('the log');
        self::$browser->manage()->window()->setSize(new WebDriverDimension(390, 844));
        $this->assertSound('the log on a phone');
        $this->open('/lessons');
        $this->reach('.kept-lesson-name')->click();
        $this->assertSound('a kept lesson on a phone');
    }

    /** @return list<string> */
    private function order(): array
    {
        $ids = self::$browser->executeScript(
            'return [...document.querySelectorAll("#sortable > li")].map(item => item.dataset.id)',
        );

        return \is_array($ids) ? array_values(array_filter($ids, is_string(...))) : [];
    }
}
