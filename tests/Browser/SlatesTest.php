<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;

/** Three browsers: a tutor who asks the room, and two phones that answer. */
final class SlatesTest extends TestCase
{
    public function testATutorAsksTwoPhonesAnswer(): void
    {
        $this->signIn();
        $this->open('/board', ['problem' => '3(x+4)=27', 'method' => 'balance', 'step' => 2]);
        $this->press('r');
        $this->waitUntil(fn(): bool => $this->many('#heard') === 1, 'a room');
        $this->assertSound('the desk of a room');
        $code = substr($this->text('.board-method'), -5);
        $phones = [$this->another(), $this->another()];
        try {
            foreach ($phones as $number => $phone) {
                $this->comeIn($phone, $code, "Phone $number");
            }
            $this->waitUntil(fn(): bool => str_contains($this->text('.slates-count'), '0 of 2'), 'both are here');
            self::assertStringNotContainsString('Phone 0', $this->text('#heard'));
            $this->send($phones[0], '3x+12=27');
            $this->send($phones[1], '3x+4=27');
            $this->waitUntil(fn(): bool => str_contains($this->text('.slates-count'), '2 of 2'), 'both have answered');
            self::assertStringContainsString('Kept', self::said($phones[1]));
            self::assertStringNotContainsString('first term', self::said($phones[1]));
            // What is half typed stays while the room goes on around it.
            $phones[0]->findElement(WebDriverBy::id('slate-answer'))->sendKeys('3x+1');
            $this->press('s');
            $this->waitUntil(fn(): bool => str_contains($this->text('.slates-count'), 'Stopped'), 'stopped');
            $this->press('t');
            $this->waitUntil(fn(): bool => str_contains($this->text('.slates-count'), 'Told'), 'told');
            $this->waitUntil(fn(): bool => str_contains(self::said($phones[1]), 'first term'), 'the reason');
            $this->waitUntil(fn(): bool => str_contains(self::said($phones[0]), 'Right'), 'right on the other');
            $view = (string) $this->one('#pen-view')->getAttribute('href');
            $this->press(WebDriverKeys::ARROW_RIGHT);
            $this->waitUntil(fn(): bool => str_contains($this->text('.slates-count'), '0 of 2'), 'the next question');
            $this->waitUntil(static fn(): bool => \count($phones[0]->findElements(
                WebDriverBy::id('slate-answer'),
            )) === 1, 'the next question on a phone');
            self::$browser->get((string) preg_replace('#/rooms/.*#', '', self::$browser->getCurrentURL())
                . (string) parse_url($view, \PHP_URL_PATH));
            $this->assertSound('what the projector shows');
            self::assertStringNotContainsString('Phone', $this->text('.shown'));
        } finally {
            foreach ($phones as $phone) {
                $phone->quit();
            }
        }
    }

    private function comeIn(RemoteWebDriver $phone, string $code, string $name): void
    {
        $root = (string) preg_replace('#/rooms/.*#', '', self::$browser->getCurrentURL());
        $phone->manage()->window()->setSize(new WebDriverDimension(500, 800));
        $phone->get("$root/r/" . strtolower($code));
        $phone->findElement(WebDriverBy::id('slate-name'))->sendKeys($name . WebDriverKeys::ENTER);
        $this->waitUntil(static fn(): bool => \count($phone->findElements(
            WebDriverBy::id('slate-answer'),
        )) === 1, "$name is in");
    }

    private function send(RemoteWebDriver $phone, string $answer): void
    {
        $phone->findElement(WebDriverBy::id('slate-answer'))->sendKeys($answer . WebDriverKeys::ENTER);
        $this->waitUntil(static fn(): bool => str_contains(self::said($phone), 'Your answer'), 'sent');
    }

    private static function said(RemoteWebDriver $phone): string
    {
        return $phone->findElement(WebDriverBy::id('slate'))->getText();
    }
}
