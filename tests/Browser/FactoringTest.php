<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A hunt stepped through, a pair of one's own judged, a slip diagnosed. */
final class FactoringTest extends TestCase
{
    public function testStepsThroughACrossHunt(): void
    {
        $this->open('/');
        $this->press('15p²-7p-4');
        $this->waitUntil(fn(): bool => str_ends_with(
            $this->heard('#reading .understood'),
            'minus 7 p minus 4',
        ) && str_contains($this->text('#reading'), 'Cross products'), 'the ways to factor the whole of it');
        $card = array_values(array_filter(self::$browser->findElements(
            WebDriverBy::cssSelector('.card-way'),
        ), static fn($way): bool => str_starts_with($way->getText(), 'Cross products')))[0];
        self::assertSame(1, preg_match(
            '/(\d+) trials?\s+Cross products: (\d+) arrangements to look at\. (?:Only n|N)umber (\d+)/',
            $card->getText(),
            $forecast,
        ), $card->getText());
        self::assertSame($forecast[1], $forecast[3]);
        $this->assertSound('bench with a trinomial');
        $card->click();
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), '1 of'), 'the board');
        $rejected = 0;
        for ($step = 2; !str_contains($this->text('.margin-what'), 'found'); ++$step) {
            $this->press(WebDriverKeys::ARROW_RIGHT);
            $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), "$step of"), "step $step");
            $rejected += preg_match('/, not\s/', $this->text('.margin-why'));
        }
        self::assertSame((int) $forecast[1], $rejected + 1, 'as many trials as forecast');
        $this->assertSound('a hunt');
        $this->press(WebDriverKeys::END);
        $this->waitUntil(fn(): bool => self::$browser->findElements(
            WebDriverBy::cssSelector('.answer'),
        ) !== [], 'the end');
        self::assertSame(
            'open parenthesis 3 p plus 1 close parenthesis open parenthesis 5 p minus 4 close parenthesis',
            $this->heard('.answer'),
        );
    }

    public function testJudgesAPairOfOnesOwn(): void
    {
        $this->open('/board', ['problem' => '8x^2+22x+15', 'method' => 'split-middle', 'step' => 5]);
        $this->one('#own')->sendKeys('8, 15' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains(
            $this->text('.verdict'),
            'the sum is 23; wanted is 22',
        ), 'the product fits');
        $this->one('#own')->clear()->sendKeys('10 12' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'this is the pair'), 'the pair');
        $this->assertSound('own pair');
    }

    public function testDiagnosesASlip(): void
    {
        $this->open('/board', ['problem' => '8x^2+22x+15', 'method' => 'scale', 'step' => 'last']);
        $writing = (int) explode(' ', $this->text('.spine-count'))[0];
        for ($step = $writing; $step > 1; --$step) {
            $this->open('/board', ['problem' => '8x^2+22x+15', 'method' => 'scale', 'step' => $step, 'ask' => 1]);
            if (str_contains($this->text('.margin'), 'factored?')) {
                break;
            }
        }
        $this->one('#answer')->sendKeys('(x+10)(x+12)' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains(
            $this->text('.verdict'),
            'factors of the scaled trinomial',
        ), 'the slip');
        $this->one('#answer')->clear()->sendKeys('8x²+22x+15' . WebDriverKeys::ENTER);
        $this->waitUntil(
            fn(): bool => str_contains($this->text('.verdict'), 'stands there already'),
            'the question typed back',
        );
        $this->one('#answer')->clear()->sendKeys('(4x+5)(2x+3)' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.verdict'), 'Right'), 'right');
    }
}
