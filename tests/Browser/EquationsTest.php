<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A balance, a formula and an equation with roots, by keys from the first line to the last. */
final class EquationsTest extends TestCase
{
    public function testABalanceIsWorkedByKeys(): void
    {
        $this->open('/board', ['problem' => '5x+2=2x+11', 'job' => 'solve', 'method' => 'balance']);
        $this->walk();
        self::assertStringContainsString('x equals 3', $this->heard('.answer'));
        $this->open('/board', [
            'problem' => '5x+2=2x+11', 'job' => 'solve', 'method' => 'balance', 'step' => 4, 'ask' => 1,
        ]);
        $this->one('#answer')->sendKeys('3x=13' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'kept its sign'), 'the slip');
        $this->one('#answer')->clear()->sendKeys('3x=9' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'Right'), 'right');
        $this->assertSound('a balance');
    }

    public function testAFormulaIsRearrangedFromTheBench(): void
    {
        $this->open('/');
        $this->one('#problem')->sendKeys('make b the subject of A = 1/2(a+b)h');
        $this->waitUntil(fn(): bool => str_contains($this->text('#reading'), 'In balance'), 'the offer');
        $this->one('#problem')->sendKeys(WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains(self::$browser->getCurrentURL(), '/board'), 'the board');
        $this->walk();
        self::assertStringContainsString('b equals', $this->heard('.answer'));
        self::assertNotSame([], self::$browser->findElements(WebDriverBy::cssSelector('.mark-wanted')));
        $this->assertSound('a formula');
    }

    public function testAFalseSolutionOfARootEquationIsStruckOut(): void
    {
        $this->open('/board', [
            'problem' => 'sqrt(3x+1)-sqrt(x+4)=1', 'job' => 'solve', 'method' => 'isolate-roots',
        ]);
        $this->walk();
        self::assertStringContainsString('x equals 5', $this->heard('.answer'));
        $this->open('/board', [
            'problem' => 'sqrt(3x+1)-sqrt(x+4)=1', 'job' => 'solve', 'method' => 'isolate-roots', 'step' => 13,
        ]);
        self::assertStringContainsString('no solution', $this->text('.line.is-rejected'));
        $this->assertSound('a root equation');
    }

    /** To the last stop by the arrow key; nothing may be wider than the sheet. */
    private function walk(): void
    {
        $steps = (int) explode('of ', $this->text('.spine-count'))[1];
        for ($step = 2; $step <= $steps; ++$step) {
            $this->press(WebDriverKeys::ARROW_RIGHT);
            $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), "$step of"), "step $step");
            self::assertTrue(self::$browser->executeScript(
                'const sheet = document.querySelector(".sheet"); return sheet.scrollWidth <= sheet.clientWidth',
            ), "step $step fits");
        }
    }
}
