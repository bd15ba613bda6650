<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;

/** A learner's week: handed out, worked, looked at, taught next; and a learner who is deleted. */
final class LearnersTest extends TestCase
{
    public function testALearnersWeek(): void
    {
        $this->open('/learners');
        $this->waitUntil(fn(): bool => $this->many('#set') === 1, 'nobody sees anything before there is a passphrase');
        $this->assertSound('the first door');
        $this->signIn();
        $this->open('/tutor');
        $this->assertSound('the tutor\'s own page');
        $this->open('/learners');
        $this->assertSound('the learners');
        $this->one('#name')->sendKeys('Wren' . WebDriverKeys::ENTER);
        $this->waitUntil(fn(): bool => str_contains($this->text('.learner-title'), 'Wren'), 'a new learner');
        $this->assertSound('a learner without work');
        $wren = self::$browser->getCurrentURL();
        $this->open('/handing', ['problem' => '4(x-3)-2(x-5)=12']);
        $this->assertSound('handing out');
        foreach (self::$browser->findElements(WebDriverBy::cssSelector('.tutor-check')) as $check) {
            if ($check->getText() === 'Wren') {
                $check->click();
            }
        }
        $this->one('#hand')->click();
        $this->waitUntil(fn(): bool => $this->many('.handed-open') === 1, 'an address');
        $this->assertSound('addresses');
        $this->one('.handed-open')->click();
        $this->waitUntil(fn(): bool => $this->many('#task-1') === 1, 'the learner\'s page');
        $this->assertSound('the learner\'s page');
        $this->one('#task-1')->click();
        $this->waitUntil(fn(): bool => $this->many('#draft') === 1, 'the problem');
        self::assertSame(0, $this->many('#pen-watch'), 'nothing shows the answer');
        foreach (['4x-12-2x-10=12' => 1, '4x-12-2x+10=12' => 1, 'x=7' => 2] as $line => $lines) {
            $this->one('#draft')->clear()->sendKeys($line . WebDriverKeys::ENTER);
            $right = $line === '4x-12-2x-10=12' ? '.is-wrong' : '.is-follows';
            $this->waitUntil(fn(): bool => $this->many(".marked$right") === $lines, $line);
        }
        $this->waitUntil(fn(): bool => $this->many('#done') === 1, 'done');
        $this->assertSound('a learner\'s turn');
        self::$browser->navigate()->back();
        $this->waitUntil(fn(): bool => $this->many('#task-1') === 1, 'all problems');
        $this->one('#task-1')->click();
        $this->waitUntil(fn(): bool => $this->many('#done') === 1, 'the work stands where it was left');
        self::assertSame(2, $this->many('.marked'));
        self::$browser->get($wren);
        self::assertStringContainsString('minus not carried through', $this->text('.attempt-slips'));
        self::assertStringContainsString('Nothing is due today', $this->text('.learner-main'));
        $this->assertSound('a learner with work');
        $this->open('/learners');
        $this->one('.group-link')->click();
        $this->waitUntil(fn(): bool => $this->many('#teach') === 1, 'what to teach');
        $this->assertSound('a group');
        self::$browser->manage()->window()->setSize(new WebDriverDimension(390, 844));
        $this->assertSound('a group on a phone');
        self::$browser->get($wren);
        $this->assertSound('a learner on a phone');
        $this->reach('#farewell')->click();
        $this->waitUntil(fn(): bool => $this->many('#forget') === 1, 'what goes');
        $this->assertSound('a farewell');
        self::assertStringContainsString('One piece of work', $this->text('.farewell-list'));
        $this->one('#forget')->click();
        $this->waitUntil(fn(): bool => str_contains($this->text('.notice'), 'Nothing of it is left'), 'gone');
        self::assertStringNotContainsString('Wren', $this->text('#work'));
        $this->assertSound('the learners on a phone');
    }
}
