<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** From long division to synthetic by keys alone, numbers travelling; and a factor carried on with one key. */
final class DivisionTest extends TestCase
{
    public function testCrossesTheBridgeByKeys(): void
    {
        $this->open('/board', ['problem' => '(3x^3-11x^2+4)/(x-2)', 'job' => 'divide', 'method' => 'bridge']);
        $steps = (int) explode('of ', $this->text('.spine-count'))[1];
        $titles = [];
        for ($step = 2; $step <= $steps; ++$step) {
            $this->press(WebDriverKeys::ARROW_RIGHT);
            $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), "$step of"), "step $step");
            $titles[$step] = $this->text('.margin-what');
            self::assertTrue(self::$browser->executeScript(
                'const sheet = document.querySelector(".sheet"); return sheet.scrollWidth <= sheet.clientWidth',
            ), "step $step fits");
            if (str_contains($titles[$step], 'Press the lines')) {
                $travelling = self::$browser->findElements(WebDriverBy::cssSelector('.figure .travels'));
                // The corner, four coefficients, three products, four sums, drawn twice: beside and for narrow pages.
                self::assertCount(24, $travelling);
            }
        }
        $all = implode(' | ', $titles);
        foreach (['Strike the letters', 'Press the lines', 'Turn the sign', 'synthetic division'] as $stage) {
            self::assertStringContainsString($stage, $all);
        }
        $this->assertSound('a bridge');
    }

    public function testAFactorIsCarriedOnWithOneKey(): void
    {
        $this->open('/board', [
            'problem' => '(2x^3-3x^2-8x+12)/(x-2)', 'job' => 'divide', 'method' => 'synthetic', 'step' => 'last',
        ]);
        $this->press('g');
        $this->waitUntil(fn(): bool => str_contains($this->heard('.masthead'), '2 x squared plus x minus 6'), 'on');
        self::assertStringContainsString('job=factor', self::$browser->getCurrentURL());
    }

    public function testASlipInTheCornerIsDiagnosed(): void
    {
        $this->open('/board', [
            'problem' => '(3x^3-11x^2+4)/(x-2)', 'job' => 'divide', 'method' => 'synthetic', 'step' => 3, 'ask' => 1,
        ]);
        $this->one('#answer')->sendKeys('-2' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'sign of the divisor'), 'the slip');
        $this->one('#answer')->clear()->sendKeys('2' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'Right'), 'right');
    }
}
