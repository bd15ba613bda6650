<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** A tutor's evening: types a problem, steps through it with the keyboard, meets a mistake. */
final class DemonstrationTest extends TestCase
{
    public function testTypesSteppedToTheEndByKeyboard(): void
    {
        $this->open('/');
        $this->press('(4k^3-3k+2)(k^2-6)');
        $this->waitUntil(fn(): bool => str_contains(
            $this->heard('#reading .understood'),
            '4 k cubed minus 3 k plus 2',
        ), 'the problem typeset while typing');
        self::assertStringContainsString('17 steps', $this->text('#first-way'));
        $this->assertSound('bench');
        $this->press(WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => $this->text('.spine-count') === '1 of 20', 'the board at its first step');
        $this->assertSound('board');

        $said = '';
        for ($step = 2; $step <= 20; ++$step) {
            $this->press($step % 3 === 0 ? ' ' : WebDriverKeys::ARROW_RIGHT);
            $this->waitUntil(fn(): bool => $this->text('.spine-count') === "$step of 20", "step $step");
            [$address, $now, $isInView] = (array) self::$browser->executeScript(
                'const n = document.getElementById("now").getBoundingClientRect(), s = '
                    . 'document.querySelector(".sheet").getBoundingClientRect(); return [location.search, '
                    . 'document.getElementById("announce").textContent, n.top >= s.top - 1 '
                    . '&& n.bottom <= s.bottom + 1]',
            );
            self::assertStringContainsString("step=$step", (string) $address);
            self::assertNotSame($said, $said = (string) $now, "step $step is announced");
            self::assertTrue($isInView, "step $step is in view");
        }
        self::assertSame(
            '4 k to the power 5 minus 27 k cubed plus 2 k squared plus 18 k minus 12',
            $this->heard('.answer'),
        );
        self::assertSame([
            'Multiply back, term by term',
            'Coefficient sum: put 1 for every letter',
            'Whole numbers: put k = 10',
        ], array_map(
            static fn($title): string => trim(str_replace('✓', '', $title->getText())),
            self::$browser->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('.check h3')),
        ));
        $this->assertSound('finished board');

        $this->press(WebDriverKeys::HOME);
        $this->waitUntil(fn(): bool => $this->text('.spine-count') === '1 of 20', 'back at the start');
        $this->press(WebDriverKeys::END);
        $this->waitUntil(fn(): bool => $this->text('.spine-count') === '20 of 20', 'everything shown');
        self::$browser->navigate()->refresh();
        self::assertSame('20 of 20', $this->text('.spine-count'));
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitUntil(fn(): bool => $this->text('.spine-count') === '19 of 20', 'one back');
        self::$browser->navigate()->back();
        $this->waitUntil(fn(): bool => $this->text('.spine-count') === '20 of 20', 'the browser\'s own back');

        $this->press('?');
        $this->waitUntil(fn(): bool => $this->one('.help-card')->isDisplayed(), 'the keys');
        $this->press(WebDriverKeys::ESCAPE);
        $this->waitUntil(fn(): bool => !$this->one('.help-card')->isDisplayed(), 'the keys closed');
        $this->press('p');
        $this->waitUntil(fn(): bool => str_contains(
            (string) $this->one('body')->getAttribute('class'),
            'presenting',
        ), 'presenting');
        $this->assertSound('presenting');
        $size = fn(): float => (float) self::$browser->executeScript(
            'return parseFloat(getComputedStyle(document.querySelector(".line math, .line")).fontSize)',
        );
        $near = $size();
        $this->press('+');
        $this->waitUntil(fn(): bool => $size() > $near, 'larger, for those who sit further away');
        $this->press('-');
        $this->waitUntil(fn(): bool => $size() === $near, 'and back');
    }

    public function testMeetsAMistake(): void
    {
        $this->open('/');
        $this->press('(4k^3-3k+2)((k-6)');
        $this->waitUntil(fn(): bool => str_contains($this->text('#reading'), 'never closed'), 'the cure');
        self::assertSame('(', $this->text('.pointed mark'));
        $this->press(WebDriverKeys::ENTER);
        usleep(300_000);
        self::assertSame('(4k^3-3k+2)((k-6)', $this->one('#problem')->getAttribute('value'));
        $this->assertSound('bench with a mistake');
        $this->press(
            WebDriverKeys::BACKSPACE
                . WebDriverKeys::BACKSPACE
                . WebDriverKeys::BACKSPACE
                . WebDriverKeys::BACKSPACE
                . WebDriverKeys::BACKSPACE
                . 'k-6)',
        );
        $this->waitUntil(fn(): bool => str_contains(
            $this->heard('#reading .understood'),
            'open parenthesis k minus 6 close parenthesis',
        ), 'mended');
    }
}
