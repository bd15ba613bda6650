<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;

/** Without a keyboard: fingers on a phone, a mouse on the shelf, and pages whose script did not arrive. */
final class HandsTest extends TestCase
{
    public function testFingersOnAPhone(): void
    {
        self::$browser->manage()->window()->setSize(new WebDriverDimension(500, 900));
        $this->open('/');
        // A pad is for fingers: this browser has none, so it is told of some.
        self::assertFalse($this->one('.pad')->isDisplayed());
        self::$browser->executeScript('document.querySelector(".pad").hidden = false');
        foreach (['(', 'x', '+', '4', '⌫', '7', ')', 'x²'] as $key) {
            $this->one(".pad-key[data-write='$key']")->click();
        }
        self::assertSame('(x+7)²', $this->one('#problem')->getAttribute('value'));
        $this->waitUntil(fn(): bool => str_ends_with(
            $this->heard('#reading .understood'),
            'squared',
        ) && str_contains($this->text('#reading'), 'Special product'), 'read from the keypad');
        $this->assertSound('bench on a phone');
        foreach ([
            '/board' => ['problem' => '(k+4)(k-6)(3k+1)', 'method' => 'grid', 'step' => 9],
            '/two-ways' => ['problem' => '(x+7)^2'],
            '/letters' => ['problem' => '2t^2 + 5t - 3 = 0', 'row' => 8],
            '/formula' => ['problem' => '2t^2 + 5t - 3 = 0'],
            '/style' => [],
            '/print' => ['problem' => '(x+7)^2'],
        ] as $path => $query) {
            $this->open($path, $query);
            $this->assertSound("$path on a phone");
        }
        foreach (self::$browser->findElements(WebDriverBy::cssSelector('.pen')) as $pen) {
            self::assertGreaterThanOrEqual(40, $pen->getSize()->getHeight(), 'large enough for a finger');
        }
    }

    public function testNothingIsTooLongForTheSheet(): void
    {
        $problem = '(2x^8+x^7+x^6+3x^5-9x^4-x^3+x^2-x+1)(2x^7+x^6+3x^5-9x^4-x^3+x^2-x+1)';
        foreach ([
            2 => 'term-by-term',
            40 => 'grid',
            'last' => 'grid',
            12 => 'by-degree',
            20 => 'columns',
        ] as $step => $method) {
            $this->open('/board', ['problem' => $problem, 'method' => $method, 'step' => $step]);
            self::assertTrue(self::$browser->executeScript(
                'const sheet = document.querySelector(".sheet"); return sheet.scrollWidth <= sheet.clientWidth',
            ), "$method at $step");
        }
        // The board is as high as its window, what is pressed stands within it, and no line scrolls by a hair.
        $this->open('/board', ['problem' => 'x/(x-1)+2/(x+1)=3', 'step' => 'last']);
        self::assertSame([true, [], []], self::$browser->executeScript(
            'const root = document.documentElement; const all = which => [...document.querySelectorAll(which)];'
                . 'return [root.scrollHeight <= innerHeight && root.clientWidth === innerWidth,'
                . 'all(".pen-bar .pen").filter(pen => pen.getBoundingClientRect().bottom > innerHeight)'
                . '.map(pen => pen.id),'
                . 'all(".folded-line, .line").filter(line => getComputedStyle(line).overflowY === "auto"'
                . '&& line.scrollHeight > line.clientHeight).map(line => line.textContent)]',
        ));
        $this->open('/board', ['problem' => 'x/(x-1)+2/(x+1)=3', 'step' => 3]);
        self::assertSame([], self::$browser->executeScript(
            'return performance.getEntriesByType("resource").filter(one => /[/](js|vendor)[/]/.test(one.name)'
                . '&& one.transferSize > 0).map(one => one.name)',
        ), 'what has its version in its address is fetched once');
    }

    public function testTheOrderOfThreeFactorsIsChosen(): void
    {
        $this->open('/board', ['problem' => '(k+4)(k^2-6)(3k+1)', 'method' => 'term-by-term', 'step' => 2]);
        $options = self::$browser->findElements(WebDriverBy::cssSelector('.option'));
        self::assertCount(3, $options);
        $options[2]->click();
        $this->waitUntil(fn(): bool => str_contains(
            self::$browser->getCurrentURL(),
            'first=2-3',
        ), 'the choice in the address');
        self::assertStringContainsString('k squared minus 6', explode(' | ', $this->heard('.margin-what'))[0]);
        $this->one('#pen-next')->click();
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), '3 of'), 'on from there');
        self::assertStringContainsString('first=2-3', self::$browser->getCurrentURL());
    }

    public function testKeepsAndRemovesAProblem(): void
    {
        $this->open('/', ['problem' => '(5w-1)(w+9)']);
        $this->one('.keep button')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.notice'), 'Kept'), 'kept');
        $kept = fn(): int => \count(self::$browser->findElements(WebDriverBy::cssSelector(
            '[aria-label="Remove from the shelf: (5w-1)(w+9)"]',
        )));
        self::assertSame(1, $kept());
        $this->one('[aria-label="Remove from the shelf: (5w-1)(w+9)"]')->click();
        $this->waitUntil(fn(): bool => $kept() === 0, 'removed');
    }

    /** The step that comes next is there before its key is pressed: nothing is fetched for it then. */
    public function testTheNextStepIsFetchedAhead(): void
    {
        $this->open('/board', ['problem' => '(x+7)^2', 'method' => 'grid', 'step' => 2, 'house' => '1']);
        $ahead = (string) $this->one('#pen-next')->getAttribute('hx-get');
        $this->waitUntil(fn(): bool => self::$browser->executeScript(
            'return performance.getEntriesByType("resource").some((one) => one.name.endsWith(arguments[0]));',
            [$ahead],
        ) === true, 'the next step fetched');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), '3 of'), 'the next step');
        self::assertSame([0], self::$browser->executeScript(
            'return performance.getEntriesByType("resource").filter((one) => one.name.endsWith(arguments[0])'
                . ' && one.initiatorType === "xmlhttprequest").map((one) => one.transferSize);',
            [$ahead],
        ));
    }

    public function testCopiesALineOnDemand(): void
    {
        $this->open('/board', ['problem' => '8x^2+22x+15', 'method' => 'scale', 'step' => 1]);
        self::assertSame([], self::$browser->findElements(WebDriverBy::cssSelector('.copy')));
        // Pressed shortly, a line lights its term; held, it offers itself.
        self::$browser->action()->clickAndHold($this->one('.sheet .open .line'))->perform();
        $this->waitUntil(fn(): bool => $this->many('.copy') > 0, 'the held line offers itself');
        self::$browser->action()->release()->perform();
        self::assertSame(3, $this->many('.copy'));
        $copy = function (string $format): string {
            self::$browser->executeScript("document.querySelector('.copy[data-format=$format]').click()");

            return (string) $this->one(".copy[data-format=$format]")->getAttribute('data-copied');
        };
        self::assertSame('8x^{2} + 22x + 15', $copy('LaTeX'));
        self::assertSame('8x² + 22x + 15', $copy('text'));
        $copied = $copy('MathML');
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML(str_replace('&nbsp;', ' ', $copied)));
        self::assertSame('http://www.w3.org/1998/Math/MathML', $document->documentElement?->namespaceURI);
        self::assertStringNotContainsString('class=', $copied);
    }

    /** A term that is pressed is lit with all of its degree; by keys, too, where it is underlined. */
    public function testATermPressedIsLitWhereverItStands(): void
    {
        $this->open('/board', ['problem' => '(2x+3)(x-5)', 'method' => 'grid', 'step' => 9]);
        $lit = static fn(): array => (array) self::$browser->executeScript(
            'return [...document.querySelectorAll(".is-pressed")].map((one) => one.textContent.replace(/\\W/g, ""));',
        );
        self::$browser->executeScript(
            '[...document.querySelectorAll("figure svg text")].find((one) => one.textContent === "3x")'
                . '.dispatchEvent(new MouseEvent("click", {bubbles: true}))',
        );
        self::assertEqualsCanonicalizing(['2x', '2x', 'x', 'x', '3x', '3x', '10x', '10x', '7x', '7x'], $lit());
        $this->press(WebDriverKeys::ESCAPE);
        self::assertSame([], $lit());
        $this->press('l');
        $this->press(WebDriverKeys::ARROW_UP);
        self::assertContains('15', $lit());
        $this->press('u');
        $this->waitUntil(fn(): bool => $this->many('.strokes .stroke-underline') === 1, 'underlined');
        // On paper it stands under the same thing, where that is wanted.
        $this->open('/print', ['problem' => '(2x+3)(x-5)', 'method' => 'grid']);
        self::assertSame(0, $this->many('.is-on-paper'));
        $this->one('#print-ink')->click();
        $this->waitUntil(fn(): bool => $this->many('[data-thing] > .is-on-paper .stroke-underline') === 1, 'on paper');
        $this->open('/two-ways', ['problem' => '(2x+3)(x-5)', 'left' => 'grid', 'right' => 'term-by-term',
            'leftstep' => 7, 'rightstep' => 7]);
        self::$browser->executeScript(
            '[...document.querySelectorAll("figure svg text")].find((one) => one.textContent === "3x")'
                . '.dispatchEvent(new MouseEvent("click", {bubbles: true}))',
        );
        self::assertGreaterThan(1, \count($lit()));
        self::assertSame(['3x'], array_values(array_unique($lit())));
    }

    public function testEverythingWorksWithoutTheScript(): void
    {
        $this->open('/board', ['problem' => '(x+7)(x-2)', 'method' => 'grid', 'step' => 1]);
        // The script's listeners are gone from a page that is written anew; only its links and forms are left.
        self::$browser->executeScript(
            'document.documentElement.innerHTML = document.documentElement.innerHTML.replace(/<script[^>]*'
                . '><\/script>/g, "").replace(/ hx-[a-z-]+="[^"]*"/g, "")',
        );
        $this->one('#pen-next')->click();
        $this->waitUntil(fn(): bool => str_starts_with($this->text('.spine-count'), '2 of'), 'a plain link');
        $this->open('/board', ['problem' => '(x+7)(x-2)', 'method' => 'grid', 'step' => 4, 'ask' => 1]);
        self::$browser->executeScript(
            'document.documentElement.innerHTML = document.documentElement.innerHTML.replace(/ '
                . 'hx-[a-z-]+="[^"]*"/g, "")',
        );
        $this->one('#answer')->sendKeys('x');
        $this->one('.answering button')->click();
        $this->waitUntil(fn(): bool => str_contains(
            $this->text('.verdict'),
            'exponents were not added',
        ), 'a plain form');
    }
}
