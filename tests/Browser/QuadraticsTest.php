<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A quadratic by keys from the first line to the last, two slips diagnosed, and all roads on one page. */
final class QuadraticsTest extends TestCase
{
    public function testCompletesASquareByKeys(): void
    {
        $this->open('/board', ['problem' => '5x^2-14x+6=0', 'job' => 'solve', 'method' => 'completing-square']);
        $steps = (int) explode('of ', $this->text('.spine-count'))[1];
        for ($step = 2; $step <= $steps; ++$step) {
            $this->press(WebDriverKeys::ARROW_RIGHT);
            $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), "$step of"), "step $step");
            if ($step === 4) {
                self::assertStringContainsString('gap', $this->heard('#now .line'));
            }
            self::assertTrue(self::$browser->executeScript(
                'const sheet = document.querySelector(".sheet"); return sheet.scrollWidth <= sheet.clientWidth',
            ), "step $step fits");
        }
        self::assertStringContainsString('plus or minus the square root of 19', $this->heard('.answer'));
        $this->assertSound('a completed square');
    }

    /** The calculator beside a line, by its key: what to press, and what goes wrong without the brackets. */
    public function testACalculatorLiesBesideALine(): void
    {
        $square = ['problem' => '2x^2-5x-1=0', 'job' => 'solve', 'method' => 'completing-square', 'step' => 9];
        $this->open('/board', $square);
        $this->press('k');
        $this->waitUntil(fn(): bool => $this->many('.keypad-keys') === 3, 'two numbers, one of them wrongly, too');
        self::assertStringContainsString('8.25', $this->text('.keypad-keys.is-wrong'));
        $this->assertSound('a calculator');
        $this->press('k');
        $this->waitUntil(fn(): bool => $this->many('.keypad-keys') === 0, 'put away again');
        $this->open('/calculator', $square + ['calculator' => 'fraction-key']);
        self::assertSame('a/b', $this->text('.keypad-keys li + li kbd'));
    }

    public function testDiagnosesTwoSlips(): void
    {
        $this->open('/board', [
            'problem' => 'x^2+10=-7x', 'job' => 'solve', 'method' => 'completing-square', 'step' => 4, 'ask' => 1,
        ]);
        $this->one('#answer')->sendKeys('7/2' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'half was not squared'), 'the first slip');
        $this->one('#answer')->clear()->sendKeys('49/2' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'halved first'), 'the second slip');
        $this->one('#answer')->clear()->sendKeys('49/4' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'Right'), 'right');
    }

    public function testAllRoadsStandOnOnePageAndAgree(): void
    {
        $this->open('/');
        $this->press('x²+7x+10=0');
        $this->waitUntil(fn(): bool => str_contains($this->text('#reading'), 'Quadratic formula'), 'the roads');
        $this->one('.cards-all')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.roads-lead'), 'arrive at the same'), 'agreed');
        self::assertCount(3, self::$browser->findElements(WebDriverBy::cssSelector('.road')));
        $this->assertSound('all roads');
    }
}
